import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { inOrder } from "@/investigation/model/order";
import { neighboursOf, openExperiment } from "@/server/benches/benchLists";
import { setExperiment } from "@/server/benches/experiments";
import { seat } from "@/server/benches/seating";
import { makeClass, openClass } from "@/server/classes/classes";
import { joinClass } from "@/server/classes/joining";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { poolClass } from "@/server/overview/pool";
import { closeDatabase, prepareDatabase, somebody, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

/** An experiment with three benches of one student each. */
async function experiment() {
  const teacher = await somebody({ kind: "teacher" });
  const classId = await makeClass(teacher, "Physics 11b");
  const from = (await createInvestigation(teacher, sampleBrief("clampedRule")))!;
  const experimentId = await setExperiment(classId, "A rule that swings", from);
  const of = { classId, experimentId };
  const students: string[] = [];
  for (const name of ["Mina", "Joss", "Pia"]) {
    const student = await somebody({ name });
    students.push(student);
    await joinClass(student, (await openClass(classId)).code, "10.7.4.2");
    await seat(of, student, "new bench");
  }
  const { benches } = await openExperiment(experimentId, classId);
  return { teacher, of, students, sheets: benches.map(({ investigation }) => investigation) };
}

async function types(sheet: string, student: string, time: string) {
  const { document, revision } = await loadInvestigation(sheet);
  const readings = [
    { row: "first", cell: "overhang", text: "0.2" },
    { row: "first", cell: "time", text: time },
  ];
  await saveEdits(sheet, student, { since: revision, edits: [typing(document, readings)] });
}

test("the benches that have read something are series of one investigation on the teacher's shelf", async () => {
  const { teacher, of, students, sheets } = await experiment();
  await types(sheets[0]!, students[0]!, "3.1");
  await types(sheets[2]!, students[2]!, "3.3");
  const id = await poolClass(of.experimentId, of.classId, teacher);
  const { document } = await loadInvestigation(id);
  expect(inOrder(document.series).map(([, { name }]) => name)).toEqual(["Bench 1", "Bench 3"]);
  expect(inOrder(document.rows).map(([, { readings }]) => readings.time)).toEqual(["3.1", "3.3"]);
  expect(document.brief).toBeNull();
  expect(document.results.stiffness?.accepted.value).toBe("210");
  const stored = await models().StoredInvestigation.findByPk(id, { rejectOnEmpty: true });
  expect(stored.ownerId).toBe(teacher);
});

test("before anybody has read anything there is nothing to pool; another class's experiment is not there", async () => {
  const { teacher, of } = await experiment();
  const pool = (classId: string) => poolClass(of.experimentId, classId, teacher);
  await expect(pool(of.classId)).rejects.toMatchObject({ fault: "nothing-to-pool" });
  await expect(pool("another")).rejects.toMatchObject({ fault: "experiment-gone" });
});

test("from each bench the way leads to the one before and the next", async () => {
  const { sheets } = await experiment();
  const [one, two, three] = sheets as [string, string, string];
  expect(await neighboursOf(one)).toEqual({ next: { number: 2, investigation: two } });
  expect(await neighboursOf(two)).toEqual({
    previous: { number: 1, investigation: one },
    next: { number: 3, investigation: three },
  });
  expect(await neighboursOf(three)).toEqual({ previous: { number: 2, investigation: two } });
  expect(await neighboursOf("none")).toEqual({});
});
