/** `npm run invite -- --teacher "Name"`: a link, good for seven days and once, by which somebody becomes a teacher here. */
import { SchoolRefused } from "@/server/accounts/people";
import { invite } from "@/server/accounts/invitations";
import { closeDatabase } from "@/server/database/connection";
import { migrate } from "@/server/migrations/migrate";
import { migrationFolder } from "./migrationFolder";

const name = process.argv[process.argv.indexOf("--teacher") + 1];
if (!process.argv.includes("--teacher") || !name) {
  console.error('Say who is invited: npm run invite -- --teacher "Name"');
  process.exit(1);
}
const address = process.env.PUBLIC_URL?.replace(/\/+$/, "") ?? `http://127.0.0.1:${process.env.PORT ?? 4310}`; // prettier-ignore
try {
  await migrate(migrationFolder);
  const token = await invite(name, null);
  console.log(
    `Give this link to ${name}; it works once, for seven days:\n${address}/invited#${token}`,
  );
} catch (error) {
  if (!(error instanceof SchoolRefused)) throw error;
  console.error("The name has no letters.");
  process.exitCode = 1;
}
await closeDatabase();
