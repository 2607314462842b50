import { QueryTypes } from "sequelize";
import { log } from "../log/log";
import { metrics } from "../metrics/metrics";
import { Together } from "../requests/together";
import { database, hasReplica } from "./connection";

/** Where a reading goes: to the database itself, or to its replica. Finders and queries take it among their options. */
export interface Source {
  readonly useMaster: boolean;
}

/** The database itself, which knows everything that was ever answered. */
export const fromDatabase: Source = { useMaster: true };

const fromReplica: Source = { useMaster: false };

/** In ms: a replica that has not caught up after these waits is passed over. */
const waits = [0, 3, 8, 20, 50];

/** In ms: a replica that could not be asked is left alone for so long. */
const leftAloneFor = 10_000;

let askAgainAt = 0;

async function ask<Row extends object>(source: Source, sql: string, at?: string): Promise<Row> {
  const options = { ...source, type: QueryTypes.SELECT, plain: true, replacements: { at } } as const;
  return (await database().query<Row>(sql, options))!;
} // prettier-ignore

/** How far the log of the database is written; once for all who ask meanwhile. */
const written = new Together<undefined, string>(async (asked) => {
  const { at } = await ask<{ at: string }>(fromDatabase, "select pg_current_wal_lsn()::text as at");
  return asked.map(() => at);
});

/** Whether the replica has all that was committed before this was asked. */
async function caughtUp(): Promise<boolean> {
  const at = await written.ask(undefined);
  for (const wait of waits) {
    if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
    const sql =
      "select coalesce(pg_last_wal_replay_lsn() >= cast(:at as pg_lsn), not pg_is_in_recovery()) as there";
    if ((await ask<{ there: boolean }>(fromReplica, sql, at)).there) return true;
  }
  return false;
}

async function byReplica<T>(read: (source: Source) => Promise<T>): Promise<{ readonly said: T } | undefined> {
  if (!hasReplica() || Date.now() < askAgainAt) return undefined;
  try {
    if (await caughtUp()) return { said: await read(fromReplica) };
  } catch (error) {
    askAgainAt = Date.now() + leftAloneFor;
    log.warn({ error: String(error) }, "the replica could not be read");
  }
  return undefined;
} // prettier-ignore

/**
 * Reads from the replica, where the settings name one, and from the database itself where there is none, it can't be asked or
 * is behind: whoever reads sees all that was committed before, so a person finds what they have just made.
 * @param read what is read; called again if the replica fails, so it only reads
 */
export async function readAside<T>(read: (source: Source) => Promise<T>): Promise<T> {
  const found = await byReplica(read);
  if (hasReplica()) metrics().reads.inc({ from: found ? "replica" : "database" });
  return found ? found.said : read(fromDatabase);
}
