import { fixParts } from "@/investigation/acts/fixParts";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { sampleBrief } from "@/investigation/briefs/sampleBriefs";
import { perform } from "@/investigation/history/edit";
import { openExperiment } from "@/server/benches/benchLists";
import { setExperiment } from "@/server/benches/experiments";
import { seat } from "@/server/benches/seating";
import { makeBrief } from "@/server/briefs/makeBrief";
import { setDue, setWordTo, termsOf } from "@/server/briefs/terms";
import { makeClass, openClass, setTimeZone } from "@/server/classes/classes";
import { joinClass } from "@/server/classes/joining";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { listShelf } from "@/server/investigations/listShelf";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { duplicateOnShelf } from "@/server/investigations/shelfChanges";
import { closeDatabase, prepareDatabase, sent, somebody, somebodysRule, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

/** A class whose teacher gave out the brief of the clamped rule to one bench. */
async function givenOut() {
  const teacher = await somebody({ kind: "teacher" });
  const student = await somebody();
  const classId = await makeClass(teacher, "Physics 11b");
  await joinClass(student, (await openClass(classId)).code, "10.7.0.1");
  const from = (await createInvestigation(teacher, sampleBrief("clampedRule")))!;
  const experimentId = await setExperiment(classId, "A rule that swings", from);
  const of = { classId, experimentId };
  await seat(of, student, "new bench");
  const [bench] = (await openExperiment(experimentId, classId)).benches;
  return { teacher, student, of, sheet: bench!.investigation };
}

test("a brief stands on the shelf as one; one made of any investigation has none of its readings", async () => {
  const { owner, id } = await somebodysRule();
  const brief = (await makeBrief(id, owner))!;
  const { entries } = await listShelf(owner);
  expect(entries.map((one) => [one.id, one.isBrief]).sort()).toEqual(
    [
      [brief, true],
      [id, false],
    ].sort(),
  );
  expect((await loadInvestigation(brief)).document.rows).toEqual({});
});

test("the server refuses what the brief fixes, and takes readings", async () => {
  const { student, sheet } = await givenOut();
  const { document } = await loadInvestigation(sheet);
  const unit = sent(perform(document, describeQuantity, { quantity: "overhang", unit: "cm" }).change);
  const parts = [{ kind: "quantity", of: "overhang" }] as const;
  const free = sent(perform(document, fixParts, { parts, fixed: false }).change);
  const read = typing(document, [{ row: "first", cell: "overhang", text: "0.25" }]);
  const answer = await saveEdits(sheet, student, { since: 0, edits: [unit, free, read] });
  expect(answer.refused.map(({ id, reason }) => [id, reason])).toEqual([
    [unit.id, "invalid"],
    [free.id, "invalid"],
  ]);
  const kept = (await loadInvestigation(sheet)).document;
  expect(kept.quantities.overhang?.unit).toBe("m");
  expect(kept.rows.first?.readings.overhang).toBe("0.25");
}); // prettier-ignore

test("words and due time are changed for all benches afterwards; a copy is no brief", async () => {
  const { student, of, sheet } = await givenOut();
  await setTimeZone(of.classId, "Europe/Vienna");
  await setWordTo(of, "slope", "Lay the steepest line yourself.");
  await setDue(of, "2036-12-04T12:00");
  const terms = await termsOf(sheet);
  expect(terms?.words.slope).toBe("Lay the steepest line yourself.");
  expect(terms?.words.measure).toContain("Time ten swings");
  expect(terms).toMatchObject({ due: "2036-12-04T11:00:00.000Z", timeZone: "Europe/Vienna" });
  expect(JSON.stringify(terms)).not.toContain("210");
  await expect(setDue(of, "soon")).rejects.toMatchObject({ fault: "time-wrong" });
  await expect(setWordTo(of, "plot", "x".repeat(4001))).rejects.toMatchObject({
    fault: "word-long",
  });
  const elsewhere = { ...of, classId: await makeClass(await somebody(), "Another") };
  await expect(setWordTo(elsewhere, "plot", "Hm.")).rejects.toMatchObject({
    fault: "experiment-gone",
  });
  await setDue(of, "");
  expect((await termsOf(sheet))?.due).toBeUndefined();
  const copy = (await duplicateOnShelf(sheet, student))!;
  expect((await loadInvestigation(copy)).document.brief).toBeNull();
});
