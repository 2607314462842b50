import { readFileSync } from "node:fs";
import { join } from "node:path";
import { SequelizeStorage, Umzug } from "umzug";
import { database } from "../database/connection";
import { steps } from "./steps";

/** A database that a newer version has worked on: this one would not know what stands in it. */
export class NewerDatabase extends Error {
  constructor(unknown: readonly string[]) {
    super(
      `This database was brought up to date by a newer version of Fathom Rule (${unknown.join(", ")}). ` +
        "Start that version, or restore a backup from before.",
    );
  }
}

/** The number of the lock under which only one process at a time changes the tables. */
const lockKey = 4_310_001;

/**
 * Runs every SQL step that this database has not seen, each in a transaction, one process at a time.
 * @param folder where the files of the steps are.
 * @returns the names of the steps that were run.
 * @throws NewerDatabase where it has seen steps that this code does not know.
 */
export async function migrate(folder: string): Promise<string[]> {
  const sequelize = database();
  const storage = new SequelizeStorage({ sequelize, tableName: "migrations" });
  const umzug = new Umzug({
    migrations: steps.map((name) => ({
      name,
      up: () =>
        sequelize.transaction((transaction) =>
          sequelize.query(readFileSync(join(folder, name), "utf8"), { transaction }),
        ),
    })),
    storage,
    logger: undefined,
  });
  return sequelize.transaction(async (transaction) => {
    await sequelize.query("select pg_advisory_xact_lock(:lockKey)", {
      replacements: { lockKey },
      transaction,
    });
    const known = new Set<string>(steps);
    const done = await storage.executed();
    const unknown = done.filter((name) => !known.has(name));
    if (unknown.length > 0) throw new NewerDatabase(unknown);
    return (await umzug.up()).map((step) => step.name);
  });
}
