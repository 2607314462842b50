import type { Patch } from "immer";
import { models } from "@/server/database/models";
import { foldedAfterDays, foldOld } from "@/server/history/folding";
import { historyOf, readingHistory } from "@/server/history/history";
import { goBackTo, momentOf } from "@/server/history/moments";
import { editsSince } from "@/server/investigations/editsSince";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { closeDatabase, prepareDatabase, somebodysRule, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

const stateOf = async (id: string) => (await loadInvestigation(id)).document;
const day = 86_400_000;

/** Six typings of one reading on three days long ago, of which four lie before a kept state; states by revision. */
async function longAgo() {
  const { owner, id } = await somebodysRule();
  const states = [await stateOf(id)];
  for (const text of ["1.1", "1.2", "1.3", "1.4", "1.5", "1.6"]) {
    const { revision } = await loadInvestigation(id);
    const edit = typing(await stateOf(id), "row1", text, { on: revision });
    await saveEdits(id, owner, { since: revision, edits: [edit] });
    states.push(await stateOf(id));
  }
  await models().KeptState.create({ investigationId: id, revision: 4, document: states[4]! });
  const begun = Date.now() - (foldedAfterDays + 10) * day;
  const days = [0, 0, 1, 2, 2, 2];
  for (const [i, later] of days.entries()) {
    const receivedAt = new Date(begun + later * day);
    const where = { investigationId: id, revision: i + 1 };
    await models().StoredEdit.update({ receivedAt }, { where });
  }
  return { owner, id, states };
}

const typedTexts = async (id: string) => {
  const entries = await readingHistory(id, { row: "row1", cell: "time" });
  return entries.map(({ by, patches }) => `${by} ${String(patches[0]?.value)}`);
};

test("what is old is folded: who, what and when stay, and the sheet as it was at the end of each day", async () => {
  const { id, states } = await longAgo();
  const told = await historyOf(id);
  const texts = await typedTexts(id);
  await foldOld();
  const { entries } = await historyOf(id);
  expect(entries.map(({ act, by, at }) => [act, by, at])).toEqual(
    told.entries.map(({ act, by, at }) => [act, by, at]),
  );
  expect(await typedTexts(id)).toEqual(texts);
  expect(entries.filter(({ folded }) => folded).map(({ revision }) => revision)).toEqual([1]);
  for (const revision of [0, 2, 3, 4, 5, 6]) {
    expect((await momentOf(id, revision))?.document).toEqual(states[revision]);
  }
  expect(await momentOf(id, 1)).toBeUndefined();
  expect(await momentOf(id, 2)).toMatchObject({ before: 0, after: 3, entry: { by: "Somebody" } });
  expect(await momentOf(id, 4)).toMatchObject({ before: 3, after: 5 });
});

test("what is folded holds no more than the readings, and is folded once", async () => {
  const { id } = await longAgo();
  const title: Patch = { op: "replace", path: ["title"], value: "Long ago" };
  const where = { investigationId: id, revision: 3 };
  const before = (await models().StoredEdit.findOne({ where, rejectOnEmpty: true })).patches;
  await models().StoredEdit.update({ patches: [title, ...before] }, { where });
  await foldOld();
  await foldOld();
  const after = await models().StoredEdit.findOne({ where, rejectOnEmpty: true });
  expect([after.patches, after.inverse]).toEqual([before, []]);
  expect(await models().KeptState.count({ where: { investigationId: id } })).toBe(4);
});

test("a window from before the fold is brought to the sheet as it is, and its own typing is taken", async () => {
  const { owner, id, states } = await longAgo();
  await foldOld();
  const edits = await editsSince(id, 1);
  expect(edits.map(({ revision }) => revision)).toEqual([4, 5, 6]);
  expect(edits[0]?.patches).toEqual([{ op: "replace", path: [], value: states[4] }]);
  expect((await editsSince(id, 4)).map(({ revision }) => revision)).toEqual([5, 6]);
  const late = typing(states[1]!, "row2", "7.7", { on: 1, window: "late" });
  const answer = await saveEdits(id, owner, { since: 1, edits: [late] });
  expect(answer.refused).toEqual([]);
  const { rows } = await stateOf(id);
  expect([rows.row1?.readings.time, rows.row2?.readings.time]).toEqual(["1.6", "7.7"]);
});

test("what came lately stays as it is, and one can go back to a folded day", async () => {
  const { owner, id, states } = await longAgo();
  await foldOld(new Date(Date.now() - 60 * day));
  expect((await momentOf(id, 1))?.document).toEqual(states[1]);
  await foldOld();
  expect(await goBackTo(id, owner, 1)).toBe(false);
  expect(await goBackTo(id, owner, 2)).toBe(true);
  expect(await stateOf(id)).toEqual(states[2]);
});
