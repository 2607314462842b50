import { join } from "node:path";
import { postgresPrograms } from "../provision/debian.mjs";
import { run } from "../provision/run.mjs";

/** The address of a database as PostgreSQL's programs take it: in the environment, where no list of processes shows it. */
function environmentOf(url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    ...process.env,
    PGHOST: hostname,
    PGPORT: port || "5432",
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  };
}

/** Runs one of PostgreSQL's programs on a database. */
export function runOn(url, name, args) {
  const folder = postgresPrograms();
  return run(folder ? join(folder, name) : name, args, { env: environmentOf(url) });
}

/** Puts a file of pg_dump into a database, in one transaction; @param replace what is there is dropped first. */
export function restoreInto(url, file, replace = false) {
  const clean = replace ? ["--clean", "--if-exists"] : [];
  const database = environmentOf(url).PGDATABASE;
  return runOn(url, "pg_restore", [
    ...["--no-owner", "--no-privileges", "--exit-on-error", "--single-transaction", ...clean],
    ...["--dbname", database, file],
  ]);
}

/** The file beside a backup that holds its checksums. */
export const sumsFile = (file) => `${file}.sums.json`;
