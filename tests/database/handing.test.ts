import { setBrief } from "@/investigation/acts/setBrief";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import type { Brief } from "@/investigation/model/brief";
import { perform } from "@/investigation/history/edit";
import { admitToInvestigation } from "@/server/access/gate";
import type { Right } from "@/protocol/rights";
import { openSession } from "@/server/access/sessions";
import { openExperiment } from "@/server/benches/benchLists";
import { setExperiment } from "@/server/benches/experiments";
import { seat } from "@/server/benches/seating";
import { setDue, termsOf } from "@/server/briefs/terms";
import { makeClass, openClass } from "@/server/classes/classes";
import { joinClass } from "@/server/classes/joining";
import { models } from "@/server/database/models";
import { handIn, openHanding, returnHanding, takeBack } from "@/server/handing/handings";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { stopListening } from "@/server/live/listener";
import { saveEdits } from "@/server/investigations/saveEdits";
import { closeDatabase, prepareDatabase, somebody, typing } from "./place";
import { nextMessage, readerOf } from "./reader";

beforeAll(prepareDatabase);
afterAll(async () => {
  await stopListening();
  await closeDatabase();
});

/** A bench that works by a brief. */
async function bench(change: Partial<Pick<Brief, "accepted" | "insists" | "copies">>) {
  const teacher = await somebody({ kind: "teacher" });
  const student = await somebody({ name: "Mina" });
  const classId = await makeClass(teacher, "Physics 11b");
  await joinClass(student, (await openClass(classId)).code, "10.7.0.2");
  const { document } = perform(sampleBrief("clampedRule"), setBrief, { change });
  const from = (await createInvestigation(teacher, document))!;
  const experimentId = await setExperiment(classId, "A rule that swings", from);
  const of = { classId, experimentId };
  await seat(of, student, "new bench");
  const row = (await openExperiment(experimentId, classId)).benches[0]!;
  return { teacher, student, of, sheet: row.investigation };
}

const accepted = async (sheet: string) =>
  (await loadInvestigation(sheet)).document.results.stiffness?.accepted.value;
const handing = async (sheet: string) => (await termsOf(sheet))?.handing;

async function may(person: string, sheet: string, right: Right) {
  const { token } = await openSession(person);
  return (await admitToInvestigation(token, sheet, right)).kind === "granted";
}

test("a sheet is handed in, taken back, handed in again, opened and given back; meanwhile nobody changes it", async () => {
  const { teacher, student, of, sheet } = await bench({ accepted: "returned" });
  const { document } = await loadInvestigation(sheet);
  await saveEdits(sheet, student, { since: 0, edits: [typing(document, "first", "4.2")] });
  await handIn(sheet, student);
  expect(await handing(sheet)).toMatchObject({
    state: "handed-in",
    number: 1,
    by: "Mina",
    late: false,
    canTakeBack: true,
  });
  expect([await may(student, sheet, "edit"), await may(student, sheet, "read")]).toEqual([false, true]);
  await expect(handIn(sheet, student)).rejects.toMatchObject({ fault: "handed-in" });
  await takeBack(sheet);
  expect(await handing(sheet)).toBeUndefined();
  expect(await may(student, sheet, "edit")).toBe(true);
  await handIn(sheet, student);
  await openHanding(sheet);
  await expect(takeBack(sheet)).rejects.toMatchObject({ fault: "opened" });
  expect(await accepted(sheet)).toBe("");
  await returnHanding(sheet, teacher);
  expect(await accepted(sheet)).toBe("210");
  expect(await handing(sheet)).toMatchObject({ state: "returned", canTakeBack: false });
  expect(await may(student, sheet, "edit")).toBe(true);
  await setDue(of, "2020-01-01T08:00");
  await handIn(sheet, student);
  expect(await handing(sheet)).toMatchObject({ number: 2, late: true });
  const states = await models().KeptState.findAll({ where: { investigationId: sheet } });
  expect(states.map(({ revision }) => revision).sort()).toEqual([1, 2]);
  const [row] = (await openExperiment(of.experimentId, of.classId)).benches;
  expect(row?.handing).toMatchObject({ state: "handed-in", number: 2, late: true });
}); // prettier-ignore

test("what is seen after handing in is put into the sheet then, and what was seen is not taken back", async () => {
  const { student, sheet } = await bench({ accepted: "handed-in" });
  expect(await accepted(sheet)).toBe("");
  await handIn(sheet, student);
  expect(await accepted(sheet)).toBe("210");
  expect((await handing(sheet))?.canTakeBack).toBe(false);
  await expect(takeBack(sheet)).rejects.toMatchObject({ fault: "value-seen" });
});

test("a bench makes reading copies where the brief allows it", async () => {
  for (const copies of [true, false]) {
    const { student, sheet } = await bench({ copies });
    expect(await may(student, sheet, "share")).toBe(copies);
  }
});

test("a brief that insists takes nothing with open pencil marks", async () => {
  const { student, sheet } = await bench({ insists: true });
  const { document } = await loadInvestigation(sheet);
  const word = typing(document, [{ row: "first", cell: "overhang", text: "about 3" }]);
  await saveEdits(sheet, student, { since: 0, edits: [word] });
  await expect(handIn(sheet, student)).rejects.toMatchObject({ fault: "marks-open" });
  expect(await handing(sheet)).toBeUndefined();
});

test("a window that begins to listen when a sheet has come back hears that it did, and then what happens next", async () => {
  const { teacher, student, sheet } = await bench({});
  await handIn(sheet, student);
  await returnHanding(sheet, teacher);
  const window = readerOf(student, sheet);
  const hears = async (state: string) => {
    for (;;) {
      const message = await nextMessage(window);
      if (!message || message.terms?.handing?.state === state)
        return message?.terms?.handing?.number;
    }
  };
  expect(await hears("returned")).toBe(1);
  await handIn(sheet, student);
  expect(await hears("handed-in")).toBe(2);
  await window.cancel();
});
