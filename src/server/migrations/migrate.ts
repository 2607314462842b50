import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { SequelizeStorage, Umzug } from "umzug";
import { database } from "../database/connection";

/** Runs every SQL step that this database has not seen, each in a transaction; returns their names. */
export async function migrate(folder: string): Promise<string[]> {
  const sequelize = database();
  const steps = readdirSync(folder)
    .filter((file) => file.endsWith(".sql"))
    .sort();
  const umzug = new Umzug({
    migrations: steps.map((name) => ({
      name,
      up: () =>
        sequelize.transaction((transaction) =>
          sequelize.query(readFileSync(join(folder, name), "utf8"), { transaction }),
        ),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: "migrations" }),
    logger: undefined,
  });
  return (await umzug.up()).map((step) => step.name);
}
