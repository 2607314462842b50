import type { SentEdit } from "@/protocol/saving";
import { beginBrief } from "@/investigation/acts/beginBrief";
import { renameInvestigation } from "@/investigation/acts/renameInvestigation";
import { perform } from "@/investigation/history/edit";
import { models } from "@/server/database/models";
import { momentOf } from "@/server/history/moments";
import { inHand, keepInHand } from "@/server/investigations/documentsInHand";
import { loadInvestigation, storedDocument } from "@/server/investigations/loadInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { snapshotsWritten } from "@/server/investigations/snapshots";
import before from "@/investigation/upgrades/stored/9-before.json";
import { plainRule } from "../fixtures/plainRule";
import {
  closeDatabase,
  prepareDatabase,
  sent,
  somebody,
  somebodysRule,
  storedTime,
  typing,
} from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

/** Somebody's sheet, opened as a page opens it, and how their window types into it. */
async function opened() {
  const { owner, id } = await somebodysRule();
  let { document, revision } = await loadInvestigation(id);
  const type = async (row: string, text: string, from: Partial<SentEdit> = {}) => {
    const edit = typing(document, row, text, { on: revision, ...from });
    const answer = await saveEdits(id, owner, { since: revision, edits: [edit] });
    ({ document, revision } = await loadInvestigation(id));
    return { answer, edit };
  };
  return { owner, id, type };
}

const row = (id: string) => models().StoredInvestigation.findByPk(id, { rejectOnEmpty: true });

/** What a process that has just begun reads. */
async function elsewhere(id: string) {
  const known = inHand(id);
  if (known) keepInHand({ ...known, revision: -1, current: false });
  return loadInvestigation(id);
}

test("what is typed stands in the log, and whoever reads the sheet has it, in this process or another", async () => {
  const { id, type } = await opened();
  for (const [at, text] of ["3.1", "3.2", "3.3"].entries()) {
    expect((await type(`row${at + 1}`, text)).answer).toMatchObject({ revision: at + 1, refused: [] });
  }
  expect(await row(id)).toMatchObject({ revision: 3, documentRevision: 0 });
  expect(await storedTime(id, "row3")).toBe("3.3");
  expect((await elsewhere(id)).document).toEqual(await storedDocument(id));
  expect((await momentOf(id, 2))?.document.rows.row2?.readings.time).toBe("3.2");
}); // prettier-ignore

test("after a hundred edits the document is written anew, and reads the same", async () => {
  const { id, type } = await opened();
  for (let at = 0; at < 105; at++) await type(`row${1 + (at % 7)}`, `${(3 + at / 100).toFixed(2)}`);
  await snapshotsWritten();
  const { documentRevision, revision } = await row(id);
  expect(revision).toBe(105);
  expect(documentRevision).toBeGreaterThanOrEqual(100);
  const { document } = (await elsewhere(id));
  expect(document.rows.row7?.readings.time).toBe("4.04");
  expect(document).toEqual(await storedDocument(id));
}); // prettier-ignore

test("another process wrote meanwhile: what it wrote stays, and what is typed here too", async () => {
  const { owner, id, type } = await opened();
  await type("row1", "3.1");
  const here = inHand(id)!;
  await type("row2", "3.2", { window: "two" });
  keepInHand(here);
  const late = typing(here.held.document, "row3", "3.3", { on: 1 });
  const answer = await saveEdits(id, owner, { since: 1, edits: [late] });
  expect(answer).toMatchObject({ revision: 3, refused: [], edits: [{ revision: 2 }, { revision: 3 }] });
  for (const at of [1, 2, 3]) expect(await storedTime(id, `row${at}`)).toBe(`3.${at}`);
}); // prettier-ignore

test("an edit that was logged is passed over, though a window that knows all sends it again", async () => {
  const { owner, id, type } = await opened();
  const { edit } = await type("row1", "3.1");
  for (const on of [0, 1]) {
    const again = await saveEdits(id, owner, { since: 1, edits: [{ ...edit, on }] });
    expect(again).toMatchObject({ revision: 1, refused: [] });
  }
});

test("forty people on forty sheets and three on one, all at the same moment: nothing is lost", async () => {
  const sheets = await Promise.all(Array.from({ length: 40 }, opened));
  const shared = await opened();
  const typed = sheets.map(({ type }, at) => type("row1", `4.${at + 10}`));
  const inOne = [1, 2, 3].map((at) =>
    saveEdits(shared.id, shared.owner, {
      since: 0,
      edits: [typing(plainRule(), `row${at}`, `5.${at}`, { window: `w${at}` })],
    }),
  );
  await Promise.all([...typed, ...inOne]);
  for (const [at, { id }] of sheets.entries()) {
    expect(await row(id)).toMatchObject({ revision: 1 });
    expect((await elsewhere(id)).document.rows.row1?.readings.time).toBe(`4.${at + 10}`);
  }
  for (const at of [1, 2, 3]) expect(await storedTime(shared.id, `row${at}`)).toBe(`5.${at}`);
});

test("one bad save among many fails alone", async () => {
  const [good, bad] = [await opened(), await opened()];
  const nobody = saveEdits(bad.id, "nobody", { since: 0, edits: [typing(plainRule(), "row1", "9.9")] });
  const [kept, failed] = await Promise.allSettled([good.type("row1", "3.3"), nobody]);
  expect([kept.status, failed.status]).toEqual(["fulfilled", "rejected"]);
  expect([await storedTime(good.id, "row1"), await storedTime(bad.id, "row1")]).toEqual(["3.3", "3.12"]);
}); // prettier-ignore

test("what the database reads itself, and a document of an older version, are written with the edit", async () => {
  const { owner, id } = await opened();
  const { document } = await loadInvestigation(id);
  const begun = sent(perform(document, beginBrief, {}).change);
  await saveEdits(id, owner, { since: 0, edits: [begun] });
  expect(await row(id)).toMatchObject({ revision: 1, documentRevision: 1, isBrief: true });

  const old = { id: `old-${id}`.slice(0, 12), ownerId: await somebody(), title: "Old", revision: 0 };
  await models().StoredInvestigation.create({ ...old, document: before });
  const { document: upgraded } = await loadInvestigation(old.id);
  const { change } = perform(upgraded, renameInvestigation, { title: "Still old" });
  await saveEdits(old.id, old.ownerId, { since: 0, edits: [sent(change)] });
  const written = await row(old.id);
  expect(written).toMatchObject({ revision: 1, documentRevision: 1 });
  expect((written.document as { version: number }).version).toBe(upgraded.version);
}); // prettier-ignore

test("an edit moves its sheet on without a change of any index", async () => {
  const { id } = await somebodysRule();
  const moves = [{ id, before: 0, revision: 1, title: "A rule that swings", letters: 9 }];
  const beside = "pg_stat_get_xact_tuples_hot_updated('investigations'::regclass)::int";
  const [counted] = await models().sequelize.transaction((transaction) =>
    models().sequelize.query(
      `select ${beside} as before, write_saves('[]', $1, 'nobody', '{}', '{}') as sheets, ${beside} as after`,
      { bind: [JSON.stringify(moves)], transaction },
    ),
  );
  const [{ before, sheets, after }] = counted as [
    { before: number; sheets: string[]; after: number },
  ];
  expect([sheets, after - before]).toEqual([[id], 1]);
  expect((await row(id)).revision).toBe(1);
});
