import { parseIntoClientConfig } from "pg-connection-string";
import {
  DatabaseError,
  ConnectionAcquireTimeoutError,
  ConnectionError,
  type ReplicationOptions,
  Sequelize,
} from "sequelize";

const place = globalThis as { fathomRuleDatabase?: Sequelize };

function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: start with `npm run demo` or `npm test`");
  return url;
}

const replicaUrl = () => process.env.DATABASE_READ_URL?.trim() || undefined;

/** Whether there is a replica of the database to read from. */
export const hasReplica = () => replicaUrl() !== undefined;

const timeouts = { connectionTimeoutMillis: 2500, statement_timeout: 20_000 };

function replication(url: string): ReplicationOptions {
  const { host, port, user, password, database: name, ssl } = parseIntoClientConfig(url);
  const read = { host, port: String(port ?? 5432), username: user, database: name, dialectOptions: { ...timeouts, ssl } };
  return { write: {}, read: [{ ...read, ...(typeof password === "string" && { password }) }] };
} // prettier-ignore

/** The connections of this process: to the database, and to its replica for what asks for that (`replica.ts`). */
export function database(): Sequelize {
  const replica = replicaUrl();
  place.fathomRuleDatabase ??= new Sequelize(databaseUrl(), {
    dialect: "postgres",
    logging: false,
    pool: { max: 10, min: 0, acquire: 4000, idle: 10_000 },
    dialectOptions: timeouts,
    query: { useMaster: true },
    ...(replica && { replication: replication(replica) }),
  });
  return place.fathomRuleDatabase;
}

/** Ends this process's connections; who asks for the database afterwards gets new ones. */
export async function closeDatabase(): Promise<void> {
  const open = place.fathomRuleDatabase;
  place.fathomRuleDatabase = undefined;
  await open?.close();
}

/** How much work of this process waits for a connection. */
export function workWaiting(): number {
  const manager = place.fathomRuleDatabase?.connectionManager as
    | {
        readonly pool?: {
          readonly waiting?: number;
          readonly write?: { readonly waiting?: number };
        };
      }
    | undefined;
  return manager?.pool?.write?.waiting ?? manager?.pool?.waiting ?? 0;
}

/** PostgreSQL's codes for a server that is going down, starting up or cut off. */
const awayCodes = /^(57P0[1-3]|08...)$/;

/** Whether an error means that the database can't be reached, rather than that we asked wrongly. */
export function isDatabaseAway(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError)
    return true;
  if (error instanceof DatabaseError) {
    const { code, message } = error.original as { code?: string; message: string };
    return (
      awayCodes.test(code ?? "") ||
      /Connection terminated|ECONNRESET|ECONNREFUSED|EPIPE/.test(message + code)
    );
  }
  return (
    error instanceof Error && /ECONNRESET|ECONNREFUSED|Connection terminated/.test(error.message)
  );
}
