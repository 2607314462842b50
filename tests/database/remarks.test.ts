import { nanoid } from "nanoid";
import { addCriterion } from "@/investigation/acts/addCriterion";
import { setCriterion } from "@/investigation/acts/setCriterion";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { perform } from "@/investigation/history/edit";
import type { RemarkChange } from "@/protocol/remarks";
import { readRemarkChange } from "@/protocol/remarksChecks";
import { openExperiment } from "@/server/benches/benchLists";
import { setExperiment } from "@/server/benches/experiments";
import { seat } from "@/server/benches/seating";
import { makeClass, openClass } from "@/server/classes/classes";
import { joinClass } from "@/server/classes/joining";
import { handIn, openHanding, returnAll, returnHanding } from "@/server/handing/handings";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { changeRemarks } from "@/server/remarks/changeRemarks";
import { remarksOn } from "@/server/remarks/sheetRemarks";
import { termsOf } from "@/server/briefs/terms";
import { closeDatabase, prepareDatabase, somebody } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

async function bench() {
  const teacher = await somebody({ kind: "teacher", name: "Greta" });
  const student = await somebody({ name: "Mina" });
  const classId = await makeClass(teacher, "Physics 11b");
  await joinClass(student, (await openClass(classId)).code, "10.7.3.2");
  const begun = perform(sampleBrief("clampedRule"), addCriterion, { criterion: "care" }).document;
  const change = { text: "Care", points: 4 };
  const { document } = perform(begun, setCriterion, { criterion: "care", change });
  const from = (await createInvestigation(teacher, document))!;
  const experimentId = await setExperiment(classId, "A rule that swings", from);
  const of = { classId, experimentId };
  await seat(of, student, "new bench");
  const sheet = (await openExperiment(experimentId, classId)).benches[0]!.investigation;
  return { teacher, student, of, sheet };
}

const put = (text: string, more: Partial<Extract<RemarkChange, { kind: "put" }>> = {}) => {
  const whole = { stage: "measure", place: "", quote: "" } as const;
  return { kind: "put", id: nanoid(12), text, ...whole, ...more } as const;
};

test("a bench sees remarks, points and the last word once the sheet is given back; then it answers and marks as done", async () => {
  const { teacher, student, sheet } = await bench();
  const remark = put("Eleven swings?", { place: "cell:row2/time~3" });
  await handIn(sheet, student);
  await openHanding(sheet);
  await changeRemarks(sheet, teacher, remark);
  await changeRemarks(sheet, teacher, { kind: "give-points", criterion: "care", points: 3 });
  await changeRemarks(sheet, teacher, { kind: "last-word", text: "Go on." });
  expect(await remarksOn(sheet, student, false)).toEqual({ remarks: [] });
  const answer = { kind: "answer", id: nanoid(12), remark: remark.id, text: "Yes." } as const;
  await expect(changeRemarks(sheet, student, answer)).rejects.toThrow();
  expect((await remarksOn(sheet, teacher, true)).remarks).toMatchObject([{ shown: false }]);
  await returnHanding(sheet, teacher);
  await changeRemarks(sheet, student, answer);
  await changeRemarks(sheet, student, { kind: "done", id: remark.id, done: true });
  const seen = await remarksOn(sheet, student, false);
  expect(seen.judged).toEqual({ points: { care: 3 }, lastWord: "Go on." });
  expect(seen.phrases).toBeUndefined();
  expect(seen.remarks).toMatchObject([
    {
      by: "Greta",
      text: "Eleven swings?",
      place: "cell:row2/time~3",
      done: true,
      answers: [{ by: "Mina", text: "Yes." }],
    },
  ]);
});

test("what is written after a return is not seen before the next one; the points of the first stay to be read", async () => {
  const { teacher, student, sheet } = await bench();
  await handIn(sheet, student);
  await changeRemarks(sheet, teacher, { kind: "give-points", criterion: "care", points: 1 });
  await returnHanding(sheet, teacher);
  await expect(
    changeRemarks(sheet, teacher, { kind: "last-word", text: "Too late." }),
  ).rejects.toThrow();
  await handIn(sheet, student);
  await changeRemarks(sheet, teacher, put("Better."));
  await changeRemarks(sheet, teacher, { kind: "give-points", criterion: "care", points: 4 });
  const seen = await remarksOn(sheet, student, false);
  expect(seen).toMatchObject({ remarks: [], judged: { points: { care: 1 } } });
  expect((await termsOf(sheet))?.revisions).toHaveLength(2);
});

test("more points than a criterion has, and a criterion that is not there, are refused", async () => {
  const { teacher, student, sheet } = await bench();
  await handIn(sheet, student);
  const give = (criterion: string, points: number | null) =>
    changeRemarks(sheet, teacher, { kind: "give-points", criterion, points });
  await expect(give("care", 5)).rejects.toThrow();
  await expect(give("none", 1)).rejects.toThrow();
  await give("care", 2.5);
  await give("care", null);
  expect((await remarksOn(sheet, teacher, true)).judged).toEqual({ points: {}, lastWord: "" });
});

test("a remark of another bench is not there; one is reworded and taken away", async () => {
  const [one, other] = [await bench(), await bench()];
  const remark = put("Here.");
  await changeRemarks(one.sheet, one.teacher, remark);
  await changeRemarks(one.sheet, one.teacher, remark);
  const reword = { kind: "reword", id: remark.id, text: "There." } as const;
  await expect(changeRemarks(other.sheet, other.teacher, reword)).rejects.toThrow();
  await changeRemarks(one.sheet, one.teacher, reword);
  expect((await remarksOn(one.sheet, one.teacher, true)).remarks).toMatchObject([{ text: "There." }]);
  await changeRemarks(one.sheet, one.teacher, { kind: "remove", id: remark.id });
  expect((await remarksOn(one.sheet, one.teacher, true)).remarks).toEqual([]);
}); // prettier-ignore

test("phrases are a teacher's own, the one used last first", async () => {
  const { teacher, sheet } = await bench();
  for (const text of ["First.", "Second."]) {
    await changeRemarks(sheet, teacher, { kind: "keep-phrase", text });
  }
  await changeRemarks(sheet, teacher, put("First."));
  expect((await remarksOn(sheet, teacher, true)).phrases).toEqual(["First.", "Second."]);
  await changeRemarks(sheet, teacher, { kind: "forget-phrase", text: "First." });
  expect((await remarksOn(sheet, teacher, true)).phrases).toEqual(["Second."]);
});

test("all that is handed in is given back at once, and nothing else", async () => {
  const { teacher, student, of, sheet } = await bench();
  expect(await returnAll(of, teacher)).toBe(0);
  await handIn(sheet, student);
  expect(await returnAll({ ...of, classId: "another" }, teacher)).toBe(0);
  expect(await returnAll(of, teacher)).toBe(1);
  expect((await termsOf(sheet))?.handing?.state).toBe("returned");
});

test.each([
  [{ kind: "shout" }],
  [{ kind: "put", id: "a", text: "", stage: "measure", place: "", quote: "" }],
  [{ kind: "put", id: "a", text: "x", stage: "lunch", place: "", quote: "" }],
  [{ kind: "put", id: "a", text: "x", stage: "plot", place: "<b>", quote: "" }],
  [{ kind: "put", id: "a", text: "x", stage: "plot", place: "", quote: "", at: { across: 2, down: 0 } }],
  [{ kind: "give-points", criterion: "care", points: -1 }],
  ["nothing"],
])("what is no change is refused: %j", (sent) => {
  expect(() => readRemarkChange(sent)).toThrow();
}); // prettier-ignore
