import { QueryTypes } from "sequelize";
import { RateLimiterPostgres, RateLimiterRes } from "rate-limiter-flexible";
import { models } from "../database/models";
import { quotas } from "../quotas/quotas";

const quarterOfAnHour = 900;

/** A statement of a limiter, and a connection that does it. */
interface Statement {
  readonly text: string;
  readonly values: readonly unknown[];
}
interface Doing {
  query(statement: Statement): Promise<unknown>;
}

/** Limiters name their statements, and behind a pool of transactions the next connection knows no name of the last one's. */
const withoutNames: Doing = {
  query: async ({ text, values }) => {
    const { connectionManager } = models().sequelize;
    const connection = await connectionManager.getConnection({ type: "write" });
    try {
      return await (connection as Doing).query({ text, values });
    } finally {
      connectionManager.releaseConnection(connection);
    }
  },
};

const limiters = new Map<string, RateLimiterPostgres>();

function limiter(kind: "name" | "address", points: number): RateLimiterPostgres {
  const key = `${kind}/${points}`;
  let found = limiters.get(key);
  if (!found) {
    found = new RateLimiterPostgres({
      storeClient: withoutNames,
      storeType: "pool",
      tableName: "sign_in_attempts",
      tableCreated: true,
      clearExpiredByTimeout: false,
      keyPrefix: kind,
      points,
      duration: quarterOfAnHour,
    });
    limiters.set(key, found);
  }
  return found;
}

const ofName = () => limiter("name", quotas.triesOfName());
const ofAddress = () => limiter("address", quotas.triesOfAddress());
const both = (name: string, address: string) => `${address}/${name}`.slice(0, 200);

/** Forgets tries that count no longer. */
export async function clearOldTries(): Promise<void> {
  await models().sequelize.query("delete from sign_in_attempts where expire < :now", {
    replacements: { now: Date.now() },
    type: QueryTypes.DELETE,
  });
}

/**
 * Counts a try to sign in, by the name from this address and by the address for all names: nobody locks another person
 * out, and nobody tries many names.
 * @returns minutes to wait, where there were too many.
 */
export async function countTry(name: string, address: string): Promise<number | undefined> {
  try {
    await ofAddress().consume(address.slice(0, 200));
    await ofName().consume(both(name, address));
    return undefined;
  } catch (limit) {
    if (!(limit instanceof RateLimiterRes)) throw limit;
    return Math.ceil(limit.msBeforeNext / 60_000);
  }
}

/** A try that was right counts for nothing, and the wrong ones before it no longer. */
export async function forgiveTries(name: string, address: string): Promise<void> {
  await ofName().delete(both(name, address));
  await ofAddress().reward(address.slice(0, 200));
}

/** A try that never came to be checked counts for nothing. */
export async function giveTryBack(name: string, address: string): Promise<void> {
  await ofName().reward(both(name, address));
  await ofAddress().reward(address.slice(0, 200));
}
