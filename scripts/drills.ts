/**
 * `npm run drills -- --minutes 20 [--seed 1] [--only hostility]`: kills, stops, closings, offline stretches, many tabs, hostile edits and a
 * crowd at the door, on an application of its own; prints what was counted. Twenty minutes hold 100 kills of the server.
 */
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Chance } from "../tests/properties/madeUp";
import { Bench, openBrowser } from "./drills/bench";
import { crowdAtTheDoor, hostileEdits } from "./drills/hostility";
import {
  closeAfterKey,
  type Counts,
  manyTabs,
  offlineStretches,
  typeThrough,
} from "./drills/interruptions";
import { removeProfile } from "./removeProfile";

function option(name: string, usual: number): number {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
}

const minutes = option("minutes", 20);
const seed = option("seed", 1);

/** A share of what twenty minutes hold. */
const share = (of: number) => Math.max(1, Math.round((of * minutes) / 20));
/** `--only hostility` leaves out all that interrupts. */
const interrupted = !process.argv.includes("hostility");
const rounds = interrupted ? Math.max(1, Math.round(minutes / 4)) : 0;
const each = (of: number) => Math.ceil(share(of) / rounds);

async function run(bench: Bench, folder: string, counts: Counts): Promise<void> {
  const chance = new Chance(seed);
  let profiles = 0;
  const open = () => openBrowser(join(folder, `profile${++profiles}`));
  for (let round = 0; round < rounds; round++) {
    const browser = await open();
    await typeThrough(bench, browser, chance, { kills: each(100), stops: each(50) }, counts);
    await browser.close();
    await closeAfterKey(bench, chance, each(30), counts);
    await offlineStretches(bench, open, chance, each(20), counts);
    console.log(
      `at ${Math.round((Date.now() - began) / 1000)} s, round ${round + 1} of ${rounds}: ${JSON.stringify(counts)}`,
    );
  }
  const browser = await open();
  if (interrupted) await manyTabs(bench, browser, counts);
  const page = await browser.newPage();
  const shelf = await crowdAtTheDoor(bench, page);
  await hostileEdits(bench, page, chance, share(10_000), counts);
  counts["another's shelf, p95 in ms"] = Math.round(shelf);
}

const bench = new Bench();
const folder = mkdtempSync(join(tmpdir(), "fathom-rule-drills-"));
const counts: Counts = { lost: 0, misplaced: 0, doubled: 0, "answers of 500": 0, "documents that do not open": 0 }; // prettier-ignore
const began = Date.now();
try {
  await bench.open();
  await run(bench, folder, counts);
} finally {
  await bench.close();
  removeProfile(folder);
}
console.log(`seed ${seed}, ${Math.round((Date.now() - began) / 1000)} s`);
for (const [name, count] of Object.entries(counts)) console.log(`${name.padEnd(30)} ${count}`);
const faults = ["lost", "misplaced", "doubled", "answers of 500", "documents that do not open"];
if (faults.some((name) => (counts[name] ?? 0) > 0)) process.exitCode = 1;
process.exit();
