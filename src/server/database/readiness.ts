import { QueryTypes } from "sequelize";
import { newestStep } from "../migrations/steps";
import { database, isDatabaseAway } from "./connection";

export interface Readiness {
  readonly ready: boolean;
  /** "database": it can't be reached; "migrations": its tables are not those of this code. */
  readonly lacking?: "database" | "migrations";
}

/** Whether the database is there, and its tables are those of this code. */
export async function readiness(): Promise<Readiness> {
  try {
    const done = await database().query<{ name: string }>("select name from migrations", {
      type: QueryTypes.SELECT,
    });
    const newest = done
      .map(({ name }) => name)
      .sort()
      .at(-1);
    return newest === newestStep ? { ready: true } : { ready: false, lacking: "migrations" };
  } catch (error) {
    return { ready: false, lacking: isDatabaseAway(error) ? "database" : "migrations" };
  }
}
