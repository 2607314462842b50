import { RateLimiterMemory, RateLimiterRes } from "rate-limiter-flexible";
import { quotas } from "./quotas";

/** More was asked for than one person may have; it may be tried again after so many seconds. */
export class QuotaExceeded extends Error {
  constructor(
    message: string,
    readonly seconds: number,
  ) {
    super(message);
  }
}

const minute = 60;

const place = globalThis as { fathomRuleLimiters?: Map<string, RateLimiterMemory> };
const limiters = (place.fathomRuleLimiters ??= new Map());

function limiter(kind: string, points: number): RateLimiterMemory {
  const key = `${kind}/${points}`;
  let found = limiters.get(key);
  if (!found) {
    found = new RateLimiterMemory({ keyPrefix: kind, points, duration: minute });
    limiters.set(key, found);
  }
  return found;
}

async function consume(kind: string, points: number, person: string, count: number): Promise<void> {
  try {
    await limiter(kind, points).consume(person, count);
  } catch (limit) {
    if (!(limit instanceof RateLimiterRes)) throw limit;
    const seconds = Math.max(1, Math.ceil(limit.msBeforeNext / 1000));
    throw new QuotaExceeded(`too many ${kind} in a minute`, seconds);
  }
}

/** Counts what a person sends, for this process; @throws QuotaExceeded with the time after which to try again. */
export async function spend(
  personId: string,
  {
    edits = 0,
    bytes = 0,
    moves = 0,
  }: { readonly edits?: number; readonly bytes?: number; readonly moves?: number },
): Promise<void> {
  if (bytes > 0) await consume("bytes", quotas.bytesAMinute(), personId, bytes);
  if (moves > 0) await consume("moves", quotas.movesAMinute(), personId, moves);
  if (edits > 0) await consume("edits", quotas.editsAMinute(), personId, edits);
}
