/** `npm run bench:class`: thirty benches that each type every two seconds, seen on the class overview; not a test. */
import { cellKey } from "@/investigation/model/row";
import { closeDatabase } from "@/server/database/connection";
import { models } from "@/server/database/models";
import { schoolClass, Watching } from "./classLoad";
import { type Bench, pause, place, types } from "./load";
import { memoryOf, processorOf, share } from "./processor";

const benches = 30;
const every = 2000;
const lasts = 40_000;
const rows = 7;

const time = (row: number, turn: number) => (3.1 + row * 1.55 + (turn % 7) * 0.01).toFixed(2);

const filled = Array.from({ length: rows }, (_, row) => [
  { row: `row${row}`, cell: "overhang", text: (0.2 + row * 0.05).toFixed(3) },
  ...[1, 2, 3].map((n) => ({ row: `row${row}`, cell: cellKey("time", n), text: time(row, n) })),
]).flat();

/** Each bench types every two seconds, the one a little after the other; how many edits there were. */
async function work(all: readonly Bench[], watching: Watching): Promise<number> {
  const until = performance.now() + lasts;
  const counts = await Promise.all(
    all.map(async (bench, i) => {
      await pause((i * every) / all.length);
      let turn = 0;
      for (; performance.now() < until; turn++) {
        const began = performance.now();
        const row = turn % rows;
        const text = time(row, turn + i);
        const revision = await types(bench, [{ row: `row${row}`, cell: "time", text }]);
        watching.expect(bench.sheet, revision, began);
        await pause(Math.max(0, every - (performance.now() - began)));
      }
      return turn;
    }),
  );
  return counts.reduce((sum, one) => sum + one, 0);
}

/** How long the page of the overview takes to come, in ms. */
async function opening(path: string, cookie: string): Promise<string> {
  const times: number[] = [];
  for (let turn = 0; turn < 9; turn++) {
    const began = performance.now();
    await (await fetch(`${place}${path}`, { headers: { cookie } })).text();
    times.push(performance.now() - began);
  }
  const [first = 0, ...others] = times;
  return `the first ${first.toFixed(0)} ms, then p50 ${share(
    others.sort((a, b) => a - b),
    0.5,
  )} ms`;
}

const { teacher, experimentId, all } = await schoolClass(benches, "Thirty benches");
for (const bench of all) await types(bench, filled);
const { classId } = await models().Experiment.findByPk(experimentId, { rejectOnEmpty: true });
const path = `/class/${classId}/experiment/${experimentId}`;
await (
  await fetch(`${place}/class/${classId}/people`, { headers: { cookie: teacher.cookie } })
).text();
console.log(`the overview's page, nothing worked out yet: ${await opening(path, teacher.cookie)}`);
const watching = new Watching();
await watching.follow(experimentId, teacher.cookie);
await pause(5000);
console.log(`the overview's page, all worked out: ${await opening(path, teacher.cookie)}`);
const kind = "scripts/start.mjs";
const [before, began] = [processorOf(kind), performance.now()];
const edits = await work(all, watching);
await pause(2000);
const seconds = (performance.now() - began) / 1000;
const taken = processorOf(kind) - before;
const sorted = watching.behind.sort((a, b) => a - b);
console.log(
  `30 benches, ${edits} edits in ${seconds.toFixed(0)} s: seen on the overview after p50 ${share(sorted, 0.5)} ms, p95 ${share(sorted, 0.95)} ms (${watching.left} never)`,
);
console.log(
  `the server took ${((1000 * taken) / edits).toFixed(0)} ms of a core for an edit (with its saving), ${((100 * taken) / seconds).toFixed(0)} % of a core; ${memoryOf(kind).toFixed(0)} MB`,
);
console.log(
  `the stream said ${watching.messages} messages, ${(watching.letters / watching.messages / 1000).toFixed(1)} kB each`,
);
watching.end();
await closeDatabase();
