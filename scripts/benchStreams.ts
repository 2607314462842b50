/** `npm run bench:streams -- [STREAMS]`: one sheet that many windows follow while one person types into it; not a test. */
import { setMaxListeners } from "node:events";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { closeDatabase } from "@/server/database/connection";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { type Bench, follows, opens, pause, somebody, types } from "./load";
import { memoryOf, share } from "./processor";

const windows = Number(process.argv[2] ?? 2000);
const turns = 30;
const every = 1000;

/** Begins windows that follow a sheet; what each hears is told with its time. */
async function followers(bench: Bench, signal: AbortSignal, hear: (at: number) => void): Promise<void> {
  for (let i = 0; i < windows; i += 50) {
    const some = Array.from({ length: Math.min(50, windows - i) }, () =>
      follows(bench, signal, (piece) => piece.includes("type-readings") && hear(performance.now())),
    );
    await Promise.all(some);
  }
} // prettier-ignore

const { id, cookie } = await somebody("student", "Mina");
const document = sampleBrief("clampedRule");
const sheet = (await createInvestigation(id, document)) ?? "";
const bench: Bench = { sheet, cookie, state: { document, revision: 0 } };
await opens(bench);

const ending = new AbortController();
setMaxListeners(windows * 2, ending.signal);
const heard: number[] = [];
const kept: number[] = [];
let began = 0;
await followers(bench, ending.signal, (at) => heard.push(at - began));
await pause(3000);
for (let turn = 0; turn < turns; turn++) {
  began = performance.now();
  await types(bench, [{ row: "row1", cell: "time", text: (3 + turn / 100).toFixed(2) }]);
  kept.push(performance.now() - began);
  await pause(every);
}
heard.sort((a, b) => a - b);
kept.sort((a, b) => a - b);
console.log(
  `${windows} windows on one sheet: ${heard.length} of ${windows * turns} heard after p50 ${share(heard, 0.5)} ms, p95 ${share(heard, 0.95)} ms, p99 ${share(heard, 0.99)} ms; ` +
    `the edit itself was kept after p50 ${share(kept, 0.5)} ms, p95 ${share(kept, 0.95)} ms; ${memoryOf("scripts/start.mjs").toFixed(0)} MB`,
);
ending.abort();
await closeDatabase();
process.exit(0);
