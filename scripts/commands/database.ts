/** Brings the database's tables up to date; with --demo, loads the demo accounts and samples once. */
import { nanoid } from "nanoid";
import { samples } from "@/investigation/samples/samples";
import { demoAccounts } from "@/server/access/demoMode";
import { hashPassword } from "@/server/access/password";
import { closeDatabase } from "@/server/database/connection";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { migrate } from "@/server/migrations/migrate";
import { migrationFolder } from "./migrationFolder";

async function loadDemo(): Promise<void> {
  const { Person } = models();
  for (const { signInName, name, password, kind } of demoAccounts) {
    if (await Person.findOne({ where: { signInName } })) continue;
    const id = nanoid(12);
    await Person.create({
      id,
      signInName,
      name,
      kind,
      password: await hashPassword(password),
      demo: true,
    });
    for (const make of Object.values(samples).reverse()) await createInvestigation(id, make());
  }
}

await migrate(migrationFolder);
if (process.argv.includes("--demo")) await loadDemo();
await closeDatabase();
