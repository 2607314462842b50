/** Brings the database's tables up to date; with --demo, loads the demo accounts, samples and classes once. */
import { nanoid } from "nanoid";
import { samples } from "@/investigation/samples/samples";
import { demoAccounts } from "@/server/access/demoMode";
import { hashPassword } from "@/server/access/password";
import { closeDatabase } from "@/server/database/connection";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { migrate } from "@/server/migrations/migrate";
import { loadSchool } from "../demo/schoolDemo";
import { migrationFolder } from "./migrationFolder";

/** The account of the demo by its sign-in name, made where it is not there yet. */
async function account({ signInName, name, password, kind }: (typeof demoAccounts)[number]) {
  const { Person } = models();
  const there = await Person.findOne({ where: { signInName } });
  if (there) return there.id;
  const id = nanoid(12);
  const hashed = await hashPassword(password);
  await Person.create({ id, signInName, name, kind, password: hashed, demo: true });
  for (const make of Object.values(samples).reverse()) await createInvestigation(id, make());
  return id;
}

async function loadDemo(): Promise<void> {
  const known = new Map<string, string>();
  for (const one of demoAccounts) known.set(one.name, await account(one));
  const teaches = { personId: known.get("Greta") ?? "", role: "teacher" };
  if ((await models().ClassPerson.count({ where: teaches })) === 0) await loadSchool(known);
}

await migrate(migrationFolder);
if (process.argv.includes("--demo")) await loadDemo();
await closeDatabase();
