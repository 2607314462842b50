import { ValidationError } from "yup";
import { isDatabaseAway } from "../database/connection";
import { UnreadableInvestigation } from "../investigations/readStored";
import { QuotaExceeded } from "../quotas/spending";
import { BodyRefused } from "./readBody";

/** An answer as whoever took the request in sends it: a status, and a body where there is one to say. */
export interface Reply {
  readonly status: number;
  readonly body?: object;
  readonly headers?: Readonly<Record<string, string>>;
}

/** Why nobody comes in, as statuses of HTTP. */
export const statusOf = {
  "signed-out": 401,
  "first-password": 401,
  "not-found": 404,
  away: 503,
} as const;

const because = (reason: string, status: number): Reply => ({ status, body: { reason } });

/**
 * What is answered where a request went otherwise: 400 and 413 for what can't be taken, 409 where the stored document
 * can't be read, 429 with a time where too much was asked, 503 where the database is away; undefined for a fault of ours.
 */
export function refusalOf(error: unknown): Reply | undefined {
  if (error instanceof BodyRefused) return because(error.message, error.status);
  if (error instanceof ValidationError) return because(error.message, 400);
  if (error instanceof UnreadableInvestigation) {
    return because(error.newer ? "it is newer than this server" : "it can't be read", 409);
  }
  if (error instanceof QuotaExceeded) {
    const headers = { "retry-after": String(error.seconds) };
    return { ...because(error.message, 429), headers };
  }
  return isDatabaseAway(error) ? { status: 503 } : undefined;
}

/** What work answers, or how it was refused. */
export function unlessRefused(work: () => Promise<Reply>): Promise<Reply> {
  return work().catch((error: unknown) => {
    const refusal = refusalOf(error);
    if (refusal) return refusal;
    throw error;
  });
}
