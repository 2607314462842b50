import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import type { OverviewMessage } from "@/protocol/overview";
import { plainRunText } from "@/core/unit/runText";
import { openExperiment } from "@/server/benches/benchLists";
import { setExperiment, showOverview } from "@/server/benches/experiments";
import { seat } from "@/server/benches/seating";
import { makeClass, openClass } from "@/server/classes/classes";
import { takeOutOfClass } from "@/server/classes/classPeople";
import { joinClass } from "@/server/classes/joining";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { closeStreams } from "@/server/live/openStreams";
import { stopListening } from "@/server/live/listener";
import { overviewNow } from "@/server/overview/overviewNow";
import { overviewStream } from "@/server/overview/overviewStream";
import { overviewSeen, sightOf } from "@/server/overview/sight";
import { workOut } from "@/server/overview/workOut";
import { closeDatabase, prepareDatabase, somebody, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(async () => {
  closeStreams();
  await stopListening();
  await closeDatabase();
});

/** An experiment after a brief, with a bench of one student. */
async function experiment() {
  const teacher = await somebody({ kind: "teacher" });
  const student = await somebody({ name: "Mina" });
  const classId = await makeClass(teacher, "Physics 11b");
  await joinClass(student, (await openClass(classId)).code, "10.7.1.2");
  const from = (await createInvestigation(teacher, sampleBrief("clampedRule")))!;
  const id = await setExperiment(classId, "A rule that swings", from);
  await seat({ classId, experimentId: id }, student, "new bench");
  const { benches } = await openExperiment(id, classId);
  return { teacher, student, classId, id, sheet: benches[0]!.investigation };
}

const times = [
  ["0.200", "3.13"],
  ["0.300", "5.75"],
  ["0.400", "8.86"],
] as const;

async function types(sheet: string, student: string, rows: number = times.length) {
  const { document, revision } = await loadInvestigation(sheet);
  const readings = times
    .slice(0, rows)
    .flatMap(([length, time], i) => [
      { row: `r${i}`, cell: "overhang", text: length },
      ...[1, 2, 3].map((n) => ({ row: `r${i}`, cell: n === 1 ? "time" : `time~${n}`, text: time })),
    ]);
  await saveEdits(sheet, student, { since: revision, edits: [typing(document, readings)] });
}

const glanceOf = async ({ id, classId }: { id: string; classId: string }) =>
  (await overviewNow(id, classId))!.overview.rows[0]!;

test("what is kept of a sheet is of its newest revision, and two servers at once work it out once", async () => {
  const place = await experiment();
  expect(await glanceOf(place)).not.toHaveProperty("glance");
  await types(place.sheet, place.student);
  const came = await Promise.all([1, 2, 3].map(() => workOut(place.sheet, "stiffness")));
  expect(came.filter((one) => one === "done")).toHaveLength(1);
  const row = await glanceOf(place);
  expect(row).toMatchObject({ number: 1, stage: "measure", glance: { readings: 3 } });
  expect(plainRunText(row.glance!.result!.number)).toMatch(/^\d+\u00a0±\u00a0\d+$/);
  expect(await workOut(place.sheet, "stiffness")).toBe("current");
  await models().sequelize.query("update bench_summaries set version = 0");
  expect((await overviewNow(place.id, place.classId))!.behind).toEqual([place.sheet]);
});

test("many sheets that are worked out at once are each shown as their own bench has them", async () => {
  const places = await Promise.all([1, 2, 3].map(experiment));
  for (const [n, { sheet, student }] of places.entries()) await types(sheet, student, n + 1);
  const came = await Promise.all(places.map(({ sheet }) => workOut(sheet, "stiffness")));
  expect(came).toEqual(["done", "done", "done"]);
  const shown = await Promise.all(places.map(glanceOf));
  expect(shown.map(({ stage, glance }) => [stage, glance?.readings])).toEqual([
    ["measure", 1],
    ["measure", 2],
    ["measure", 3],
  ]);
  // What this process does not have in hand is read as it is stored.
  await models().sequelize.query("update bench_summaries set version = 0");
  (globalThis as { fathomRuleDocuments?: Map<string, unknown> }).fathomRuleDocuments!.clear();
  await workOut(places[1]!.sheet, "stiffness");
  expect((await glanceOf(places[1]!)).glance?.readings).toBe(2);
});

test("students see it when it is shown, without marks, and what it is held against only where they may", async () => {
  const place = await experiment();
  await types(place.sheet, place.student);
  await workOut(place.sheet, "stiffness");
  expect(await sightOf(place.student, place.id)).toBeUndefined();
  await showOverview(place.id, place.classId, "numbers");
  const sighted = (await sightOf(place.student, place.id))!;
  const { overview } = (await overviewNow(place.id, place.classId))!;
  expect(overview.together?.accepted?.value).toBe(210);
  const seen = overviewSeen(overview, sighted);
  expect(seen.rows[0]).toMatchObject({ people: [], investigation: "", glance: { openMarks: 0 } });
  expect(seen.together?.accepted).toBeUndefined();
  expect(JSON.stringify(seen)).not.toContain("Mina");
  await showOverview(place.id, place.classId, "names");
  const named = overviewSeen(overview, (await sightOf(place.student, place.id))!);
  expect(JSON.stringify(named)).toContain("Mina");
  expect(await sightOf(await somebody(), place.id)).toBeUndefined();
});

/** The messages of an overview's stream, one after the other. */
function following(place: { id: string }, person: string, sight: NonNullable<Awaited<ReturnType<typeof sightOf>>>) {
  const ending = new AbortController();
  const stream = overviewStream({
    personId: person,
    experimentId: place.id,
    sighted: sight,
    sightNow: () => sightOf(person, place.id),
    signal: ending.signal,
  });
  const reader = stream.pipeThrough(new TextDecoderStream() as never).getReader();
  let rest = "";
  const next = async (): Promise<OverviewMessage> => {
    for (;;) {
      const found = /data: (.*)\n\n/.exec(rest);
      if (found) {
        rest = rest.slice(found.index + found[0].length);
        return JSON.parse(found[1]!);
      }
      const { value, done } = await reader.read();
      if (done) throw new Error("the stream ended");
      rest += value as string;
    }
  };
  return { next, end: () => ending.abort() };
} // prettier-ignore

test("the stream says everything, then what a bench did, then who sits there; it ends with the right", async () => {
  const place = await experiment();
  const follows = following(place, place.teacher, (await sightOf(place.teacher, place.id))!);
  expect((await follows.next()).rows).toHaveLength(1);
  await types(place.sheet, place.student);
  let said = await follows.next();
  while (said.rows[0]?.glance?.readings !== 3) said = await follows.next();
  expect(said.together?.mean?.of).toBe(1);
  const other = await somebody({ name: "Joss" });
  await joinClass(other, (await openClass(place.classId)).code, "10.7.1.3");
  await seat({ classId: place.classId, experimentId: place.id }, other, "new bench");
  said = await follows.next();
  expect(said.rows.map(({ number }) => number)).toEqual([2]);
  const another = await somebody({ kind: "teacher" });
  await models().ClassPerson.create({ classId: place.classId, personId: another, role: "teacher" });
  await takeOutOfClass(place.classId, place.teacher);
  while (!said.ended) said = await follows.next();
  follows.end();
});
