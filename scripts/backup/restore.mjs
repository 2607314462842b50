/** `npm run restore -- FILE [--replace]`: puts a backup into the database of DATABASE_URL, and compares what is there then. */
import { existsSync, readFileSync } from "node:fs";
import { main, Missing, say } from "../provision/run.mjs";
import { checksumsOf, differences, withClient } from "./checksums.mjs";
import { restoreInto, sumsFile } from "./postgres.mjs";

await main(async () => {
  const args = process.argv.slice(2);
  const replace = args.includes("--replace");
  const file = args.find((arg) => !arg.startsWith("--"));
  const url = process.env.DATABASE_URL;
  if (!file || !url) throw new Missing("Say what, and where to:  DATABASE_URL=… npm run restore -- FILE [--replace]");
  if (!existsSync(file)) throw new Missing(`There is no file ${file}.`);
  const there = Object.keys(await withClient(url, checksumsOf));
  if (there.length > 0 && !replace) {
    throw new Missing("That database holds tables already. With --replace they are dropped first; stop the server before that.");
  }
  await restoreInto(url, file, replace);
  if (!existsSync(sumsFile(file))) return say("restored; there are no checksums beside the file to compare with");
  const sums = JSON.parse(readFileSync(sumsFile(file), "utf8"));
  const wrong = differences(sums, await withClient(url, checksumsOf));
  if (wrong.length > 0) throw new Error(`Restored, but not equal:\n${wrong.join("\n")}`);
  say("restored, equal to what was saved");
}); // prettier-ignore
