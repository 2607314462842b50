import { removeRows } from "@/investigation/acts/removeRows";
import { perform } from "@/investigation/history/edit";
import { plainRule } from "../fixtures/plainRule";
import { models } from "@/server/database/models";
import { readSaveRequest } from "@/server/investigations/editSchema";
import { saveEdits } from "@/server/investigations/saveEdits";
import { closeDatabase, prepareDatabase, somebodysRule, storedTime, typing } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

const sample = plainRule();

describe("keeping edits", () => {
  test("an edit raises the revision, is stored and stands in the log with its way back", async () => {
    const { owner, id } = await somebodysRule();
    const edit = typing(sample, "row1", "3.3");
    const answer = await saveEdits(id, owner, { since: 0, edits: [edit] });
    expect(answer).toMatchObject({
      revision: 1,
      refused: [],
      edits: [{ id: edit.id, revision: 1 }],
    });
    expect(await storedTime(id, "row1")).toBe("3.3");
    const logged = await models().StoredEdit.findOne({ where: { investigationId: id } });
    expect(logged).toMatchObject({ act: "type-readings", authorId: owner, inverse: edit.inverse });
  });

  test("the same edit sent twice is taken once", async () => {
    const { owner, id } = await somebodysRule();
    const edit = typing(sample, "row1", "3.3");
    await saveEdits(id, owner, { since: 0, edits: [edit] });
    const again = await saveEdits(id, owner, { since: 0, edits: [edit, edit] });
    expect(again).toMatchObject({ revision: 1, refused: [] });
  });

  test("edits on an older revision merge when they touch other fields", async () => {
    const { owner, id } = await somebodysRule();
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "3.3")] });
    const late = await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row2", "4.5")] });
    expect(late.edits.map(({ revision }) => revision)).toEqual([1, 2]);
    expect(await storedTime(id, "row1")).toBe("3.3");
    expect(await storedTime(id, "row2")).toBe("4.5");
  });

  test("on the same field the later one wins", async () => {
    const { owner, id } = await somebodysRule();
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "3.3")] });
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "3.4")] });
    expect(await storedTime(id, "row1")).toBe("3.4");
  });

  test("an edit on a removed row is refused, and the others of the save are kept", async () => {
    const { owner, id } = await somebodysRule();
    const removal = perform(sample, removeRows, { rows: ["row1"] }).change;
    const gone = typing(sample, "row1", "3.3");
    const remove = { ...removal, id: "removal-of-row1", at: gone.at };
    const edits = [remove, gone, typing(sample, "row2", "4.6")];
    const answer = await saveEdits(id, owner, { since: 0, edits });
    expect(answer).toMatchObject({ revision: 2, refused: [{ id: gone.id, reason: "gone" }] });
    expect(await storedTime(id, "row2")).toBe("4.6");
  });

  test("one's own edits come back with their revisions, others' with their patches", async () => {
    const { owner, id } = await somebodysRule();
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "3.3")] });
    const own = typing(sample, "row2", "4.4");
    const { edits } = await saveEdits(id, owner, { since: 0, edits: [own] });
    expect(edits.map(({ revision, patches }) => [revision, patches !== undefined])).toEqual([
      [1, true],
      [2, false],
    ]);
  });

  test("one bad edit among many is refused alone", async () => {
    const { owner, id } = await somebodysRule();
    const bad = {
      ...typing(sample, "row1", "3.3"),
      patches: [{ op: "replace" as const, path: ["rows", "row1", "readings", "time"], value: 3 }],
    };
    const good = ["row2", "row3", "row4"].map((row) => typing(sample, row, "4.4"));
    const edits = [good[0]!, bad, ...good.slice(1)];
    const answer = await saveEdits(id, owner, { since: 0, edits });
    expect(answer).toMatchObject({ revision: 3, refused: [{ id: bad.id, reason: "invalid" }] });
    expect(await storedTime(id, "row4")).toBe("4.4");
    expect(await storedTime(id, "row1")).toBe("3.12");
  });

  test("an edit that would make the document invalid is refused with the reason", async () => {
    const { owner, id } = await somebodysRule();
    const bad = {
      ...typing(sample, "row1", "3.3"),
      patches: [{ op: "replace" as const, path: ["rows", "row1", "readings", "time"], value: 3.3 }],
    };
    const answer = await saveEdits(id, owner, { since: 0, edits: [bad] });
    expect(answer).toMatchObject({ revision: 0, refused: [{ reason: "invalid" }] });
    expect(answer.refused[0]?.detail).toContain("readings as text");
    expect(await storedTime(id, "row1")).toBe("3.12");
  });

  test("twenty saves at the same moment are all kept, one revision each", async () => {
    const { owner, id } = await somebodysRule();
    const rows = Array.from({ length: 20 }, (_, i) => `new${i}`);
    const answers = await Promise.all(
      rows.map((row) => saveEdits(id, owner, { since: 0, edits: [typing(sample, row, "1.0")] })),
    );
    expect(new Set(answers.map(({ revision }) => revision)).size).toBe(20);
    for (const row of rows) expect(await storedTime(id, row)).toBe("1.0");
  });
});

describe("what a browser may send", () => {
  const edit = typing(sample, "row1", "3.3");

  test("a well-formed save", () => {
    expect(readSaveRequest({ since: 0, edits: [edit] }).edits).toHaveLength(1);
  });

  test.each([
    [null],
    [{ since: -1, edits: [] }],
    [{ since: 0, edits: [{ ...edit, id: "a b" }] }],
    [{ since: 0, edits: [{ ...edit, at: "yesterday" }] }],
    [{ since: 0, edits: [{ ...edit, patches: [{ op: "move", path: ["rows"] }] }] }],
    [{ since: 0, edits: [typing(sample, "row1", "3\0")] }],
    [{ since: 0, edits: [typing(sample, "row1", "\ud800")] }],
  ])("is refused otherwise: %#", (body) => {
    expect(() => readSaveRequest(body)).toThrow();
  });

  test("a backslash before u0000 is plain text", () => {
    expect(() =>
      readSaveRequest({ since: 0, edits: [typing(sample, "row1", "\\u0000")] }),
    ).not.toThrow();
  });
});
