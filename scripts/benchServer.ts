/**
 * `npm run bench:server -- [--rows ROWS] [--classes CLASSES] [--flat-out] [WRITERS …]`: people who each type every two
 * seconds into a sheet of a hundred rows and follow it, the load on the same machine as the server; with classes they sit
 * at their benches, and a teacher of each watches all of them. Flat out they follow nothing and type again as soon as they
 * are answered: how many edits one process takes, and what each costs it. Not a test.
 */
import { setMaxListeners } from "node:events";
import { parseArgs } from "node:util";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { QueryTypes } from "sequelize";
import { closeDatabase } from "@/server/database/connection";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { schoolClass, Watching } from "./classLoad";
import { type Bench, follows, opens, pause, somebody, types } from "./load";
import { memoryOf, processorOf, share, stolen } from "./processor";

const { values: given, positionals } = parseArgs({
  options: {
    rows: { type: "string", default: "100" },
    classes: { type: "string", default: "0" },
    "flat-out": { type: "boolean", default: false },
  },
  allowPositionals: true,
});
const counts = positionals.map(Number);
const steps = counts.length > 0 ? counts : [50, 200, 500, 1000];
const flatOut = given["flat-out"];
const every = flatOut ? 0 : 2000;
const lasts = 30_000;
const rows = Number(given.rows);
const classes = Number(given.classes);
/** The first edits of each are not counted: a server that has just begun is not what a lesson meets. */
const warmUp = 2;

const text = (row: number, turn: number) => (3.1 + (row % 7) * 1.5 + (turn % 9) / 100).toFixed(2);

const readingsOf = (count: number) =>
  Array.from({ length: count }, (_, row) => ({
    row: `row${row}`,
    cell: "time",
    text: text(row, 0),
  }));

/** A sheet of so many rows. */
const filled = perform(sampleBrief("clampedRule"), typeReadings, { readings: readingsOf(rows) }).document; // prettier-ignore

async function writer(number: number, signal: AbortSignal): Promise<Bench> {
  const { id, cookie } = await somebody("student", `Student ${number}`);
  const sheet = (await createInvestigation(id, filled)) ?? "";
  const bench = { sheet, cookie, state: { document: filled, revision: 0 } };
  await opens(bench);
  if (!flatOut) await follows(bench, signal);
  return bench;
}

/** All writers, each at their own sheet. */
async function alone(count: number, signal: AbortSignal): Promise<Bench[]> {
  const benches: Bench[] = [];
  for (let i = 0; i < count; i += 20) {
    const some = Array.from({ length: Math.min(20, count - i) }, (_, n) => writer(i + n, signal));
    benches.push(...(await Promise.all(some)));
  }
  return benches;
}

/** All writers at the benches of classes, each with a teacher who watches. */
async function inClasses(count: number, signal: AbortSignal) {
  const benches: Bench[] = [];
  const watching: Watching[] = [];
  for (let of = 0; of < classes; of++) {
    const size = Math.floor(((of + 1) * count) / classes) - Math.floor((of * count) / classes);
    const { teacher, experimentId, all } = await schoolClass(size, `Class ${of + 1}`);
    for (const bench of all) {
      await types(bench, readingsOf(rows));
      await opens(bench);
      if (!flatOut) await follows(bench, signal);
    }
    const own = new Watching();
    await own.follow(experimentId, teacher.cookie);
    benches.push(...all);
    watching.push(own);
  }
  return { benches, watching };
}

interface Told {
  readonly times: number[];
  /** All that were taken, those that are not timed among them. */
  taken: number;
  errors: number;
}

async function typesOn(bench: Bench, number: number, of: number, told: Told): Promise<void> {
  await pause((number * every) / of);
  const until = performance.now() + lasts;
  for (let turn = 1; performance.now() < until; turn++) {
    const began = performance.now();
    const row = turn % rows;
    await types(bench, [{ row: `row${row}`, cell: "time", text: text(row, turn + number) }]).then(
      () => {
        told.taken++;
        if (turn > warmUp) told.times.push(performance.now() - began);
      },
      () => told.errors++,
    );
    await pause(Math.max(0, every - (performance.now() - began)));
  }
}

const kind = "scripts/start.mjs";

for (const count of steps) {
  const ending = new AbortController();
  setMaxListeners(count * 2, ending.signal);
  const { benches, watching } =
    classes > 0
      ? await inClasses(count, ending.signal)
      : { benches: await alone(count, ending.signal), watching: [] };
  await pause(classes > 0 ? 5000 : 0);
  const told: Told = { times: [], taken: 0, errors: 0 };
  const [before, stored, began] = [processorOf(kind), processorOf("postgres"), performance.now()];
  const [own, lost] = [process.cpuUsage(), stolen()];
  await Promise.all(benches.map((bench, i) => typesOn(bench, i, count, told)));
  const load = process.cpuUsage(own);
  const seconds = (performance.now() - began) / 1000;
  const sorted = told.times.sort((a, b) => a - b);
  const [server, database] = [processorOf(kind) - before, processorOf("postgres") - stored];
  const each = (seconds: number) => ((1000 * seconds) / told.taken).toFixed(2);
  console.log(
    `${count} writers: ${told.taken} edits in ${seconds.toFixed(0)} s, ${(told.taken / seconds).toFixed(0)} a second, p50 ${share(sorted, 0.5)} ms, p95 ${share(sorted, 0.95)} ms, p99 ${share(sorted, 0.99)} ms, ${told.errors} errors; ` +
      `server ${each(server)} ms of a core for an edit, ${memoryOf(kind).toFixed(0)} MB; database ${each(database)} ms, ${memoryOf("postgres").toFixed(0)} MB; the load itself ${each((load.user + load.system) / 1e6)} ms; ${((100 * (stolen() - lost)) / seconds).toFixed(0)} % of a core went to other machines`,
  );
  if (watching.length > 0) {
    const messages = watching.reduce((sum, one) => sum + one.messages, 0);
    console.log(`  ${watching.length} teachers watched and were told ${messages} times`);
  }
  for (const one of watching) one.end();
  ending.abort();
  await pause(2000);
}
const [log] = await models().sequelize.query<{ bytes: number }>(
  "select (pg_total_relation_size('edits') / greatest(count(*), 1))::int as bytes from edits",
  { type: QueryTypes.SELECT },
);
console.log(`an edit takes ${log?.bytes} bytes of the log, with its indexes`);
await closeDatabase();
process.exit(0);
