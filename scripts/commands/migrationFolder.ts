import { existsSync } from "node:fs";
import { join } from "node:path";

const beside = join(import.meta.dirname, "migrations");

/** Where the files of the database's steps are: beside the built command, or in the sources. */
export const migrationFolder = existsSync(beside)
  ? beside
  : join(import.meta.dirname, "../../src/server/migrations");
