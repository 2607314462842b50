import { applyChange } from "@/investigation/history/edit";
import { describeBlock } from "@/investigation/acts/describeBlock";
import { perform } from "@/investigation/history/edit";
import { plainRichText } from "@/investigation/model/richText";
import { clampedRule } from "@/investigation/samples/clampedRule";
import { models } from "@/server/database/models";
import { historyOf, readingHistory } from "@/server/history/history";
import { goBackTo, momentOf } from "@/server/history/moments";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { plainRule } from "../fixtures/plainRule";
import { closeDatabase, prepareDatabase, sent, somebody, somebodysRule, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

const stateOf = async (id: string) => (await loadInvestigation(id)).document;

test("every moment is as it was, also where two worked at once on an older revision", async () => {
  const { owner, id } = await somebodysRule();
  const states = [await stateOf(id)];
  const texts = ["1.1", "1.2", "1.3", "1.4", "1.5", "1.6"];
  for (const [i, text] of texts.entries()) {
    const window = i % 2 === 0 ? "one" : "two";
    const edit = typing(plainRule(), i % 3 === 0 ? "row1" : "row2", text, { window, on: 0 });
    await saveEdits(id, owner, { since: 0, edits: [edit] });
    states.push(await stateOf(id));
  }
  for (const [revision, state] of states.entries()) {
    expect((await momentOf(id, revision))?.document).toEqual(state);
  }
  expect(await momentOf(id, 99)).toBeUndefined();
  await models().KeptState.create({ investigationId: id, revision: 3, document: states[3]! });
  expect((await momentOf(id, 2))?.document).toEqual(states[2]);
});

test("going back is an edit like any other: who, what and when before it stay", async () => {
  const { owner, id } = await somebodysRule();
  const before = await stateOf(id);
  await saveEdits(id, owner, { since: 0, edits: [typing(before, "row1", "9.9")] });
  expect(await goBackTo(id, owner, 0)).toBe(true);
  expect(await stateOf(id)).toEqual(before);
  const { entries, more } = await historyOf(id);
  expect(entries.map(({ act, by }) => [act, by])).toEqual([
    ["go-back", "Somebody"],
    ["type-readings", "Somebody"],
  ]);
  expect(more).toBe(false);
  expect(await goBackTo(id, owner, 99)).toBe(false);
  await goBackTo(id, owner, 1);
  expect((await stateOf(id)).rows.row1?.readings.time).toBe("9.9");
});

test("the history of one reading has every typing of it and no other", async () => {
  const { owner, id } = await somebodysRule();
  const other = await somebody({ name: "Tobi" });
  for (const [author, row, text] of [
    [owner, "row1", "3.1"],
    [other, "row2", "4.1"],
    [other, "row1", "3.2"],
    [owner, "row1", ""],
  ] as const) {
    const document = await stateOf(id);
    await saveEdits(id, author, { since: 0, edits: [typing(document, row, text)] });
  }
  const found = await readingHistory(id, { row: "row1", cell: "time" });
  expect(found.map(({ by, patches }) => [by, patches[0]?.op, patches[0]?.value])).toEqual([
    ["Somebody", "remove", undefined],
    ["Tobi", "replace", "3.2"],
    ["Somebody", "replace", "3.1"],
  ]);
});

test("words that two wrote at once stand merged in the log, so that each moment has what was seen then", async () => {
  const owner = await somebody();
  const id = (await createInvestigation(owner, clampedRule()))!;
  const start = await stateOf(id);
  const block = Object.keys(start.writeUp.blocks).find(
    (one) => start.writeUp.blocks[one]?.section === "references",
  )!;
  for (const [window, text] of [
    ["one", "Data sheet of spring steel, and more, as kept in the physics room."],
    ["two", "The data sheet of spring steel, as kept in the physics room."],
  ] as const) {
    const args = { block, change: { text: plainRichText(text) } };
    const { change } = perform(start, describeBlock, args);
    await saveEdits(id, owner, { since: 0, edits: [sent(change, { window, on: 0 })] });
  }
  const both = "The data sheet of spring steel, and more, as kept in the physics room.";
  expect((await stateOf(id)).writeUp.blocks[block]?.text).toEqual(plainRichText(both));
  const [edit] = (await historyOf(id)).entries;
  const first = (await momentOf(id, 1))!.document;
  expect(applyChange(first, edit!.patches)).toMatchObject({ document: await stateOf(id) });
});

test("a hundred entries stand on a page, and the next page goes on before them", async () => {
  const { owner, id } = await somebodysRule();
  await models().sequelize.query(
    `insert into edits (investigation_id, revision, id, author_id, act, patches, inverse, made_at)
     select :id, n, 'e' || n, :owner, 'type-readings', '[]', '[]', now() from generate_series(1, 250) n`,
    { replacements: { id, owner } },
  );
  const first = await historyOf(id);
  expect([first.entries.length, first.entries[0]?.revision, first.more]).toEqual([100, 250, true]);
  const last = await historyOf(id, 51);
  expect([last.entries.length, last.entries[0]?.revision, last.more]).toEqual([50, 50, false]);
});
