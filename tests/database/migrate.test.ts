import { readdirSync } from "node:fs";
import { join } from "node:path";
import { database } from "@/server/database/connection";
import { readiness } from "@/server/database/readiness";
import { migrate, NewerDatabase } from "@/server/migrations/migrate";
import { steps } from "@/server/migrations/steps";
import { closeDatabase, prepareDatabase } from "./place";

const folder = join(__dirname, "../../src/server/migrations");

beforeAll(prepareDatabase);
afterAll(closeDatabase);

test("every file of a step is in the list, in its order", () => {
  const files = readdirSync(folder).filter((file) => file.endsWith(".sql"));
  expect(files.sort()).toEqual([...steps]);
});

test("processes that start at once run each step once", async () => {
  expect(await Promise.all([migrate(folder), migrate(folder)])).toEqual([[], []]);
  expect(await readiness()).toEqual({ ready: true });
});

test("a database that a newer version has worked on is refused in a sentence, and not ready", async () => {
  await database().query("insert into migrations (name) values ('999-of-the-future.sql')");
  await expect(migrate(folder)).rejects.toThrow(NewerDatabase);
  await expect(migrate(folder)).rejects.toThrow(/newer version of Fathom Rule \(999-of-the-future/);
  expect(await readiness()).toEqual({ ready: false, lacking: "migrations" });
  await database().query("delete from migrations where name like '999%'");
});
