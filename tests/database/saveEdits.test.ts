import { removeRows } from "@/investigation/acts/removeRows";
import { perform } from "@/investigation/history/edit";
import { plainRule } from "../fixtures/plainRule";
import { models } from "@/server/database/models";
import { keepPart } from "@/server/investigations/editParts";
import { readSaveRequest } from "@/server/investigations/editSchema";
import { replacedOn, replacedSeen } from "@/server/investigations/replacements";
import { saveEdits } from "@/server/investigations/saveEdits";
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
    const remove = sent(removal);
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

  test("what shows nothing is taken out of the texts of a save", () => {
    const unclean = { ...edit, ...typing(sample, "row1", "3\0.1\ud800\u200b") };
    const [read] = readSaveRequest({ since: 0, edits: [unclean] }).edits;
    expect(JSON.stringify(read)).toContain('"value":"3.1"');
  });

  test("a well-formed save", () => {
    expect(readSaveRequest({ since: 0, edits: [edit] }).edits).toHaveLength(1);
  });

  test.each([[null], [{ since: -1, edits: [] }], [{ since: 0 }], ["edits"]])(
    "what is no save at all is thrown out: %j",
    (body) => {
      expect(() => readSaveRequest(body)).toThrow();
    },
  );

  test.each<[string, object]>([
    ["an id with a gap", { id: "a b" }],
    ["yesterday", { at: "yesterday" }],
    ["the 99th day of the 99th month", { at: "9999-99-99T10:00:00.000Z" }],
    ["a patch that moves", { patches: [{ op: "move", path: ["rows"] }] }],
    ["the whole document at once", { patches: [{ op: "replace", path: [], value: {} }] }],
    ["an unborn revision", { on: -1 }],
  ])("%s is refused, and the edit beside it is not", (_, part) => {
    const bad = { ...edit, id: "bad-edit-1", ...part };
    const read = readSaveRequest({ since: 0, edits: [bad, null, edit] });
    expect(read.edits).toEqual([edit]);
    expect(read.refused.map(({ id }) => id)).toEqual([bad.id, ""]);
  });

  test("a backslash before u0000 is plain text", () => {
    const { refused } = readSaveRequest({ since: 0, edits: [typing(sample, "row1", "\\u0000")] });
    expect(refused).toEqual([]);
  });
});

describe("a long edit in parts", () => {
  const long = typing(sample, "row1", "3.3");
  const text = JSON.stringify(long);
  const part = (at: number) => ({ id: long.id, part: at, parts: 2, text: at === 0 ? text.slice(0, 50) : text.slice(50) }); // prettier-ignore

  test("is taken when all are there, in whatever order and however often they came", async () => {
    const { owner, id } = await somebodysRule();
    for (const at of [1, 0, 1]) await keepPart(id, owner, part(at));
    const request = { since: 0, edits: [{ id: long.id, parts: 2 }] };
    expect(await saveEdits(id, owner, request)).toMatchObject({ revision: 1, refused: [] });
    expect(await saveEdits(id, owner, request)).toMatchObject({ revision: 1, refused: [] });
    expect(await storedTime(id, "row1")).toBe("3.3");
    expect(await models().EditPart.count({ where: { investigationId: id } })).toBe(0);
  });

  test("is refused alone when one is missing", async () => {
    const { owner, id } = await somebodysRule();
    await keepPart(id, owner, part(0));
    const edits = [{ id: long.id, parts: 2 }, typing(sample, "row2", "4.6")];
    const answer = await saveEdits(id, owner, { since: 0, edits });
    expect(answer).toMatchObject({ revision: 1, refused: [{ id: long.id, reason: "invalid" }] });
  });
});

describe("work at the same time", () => {
  const ines = { window: "w1", device: "d1" };
  const tobi = { window: "w2", device: "d2" };

  /** Both type offline; Ines comes online first. */
  async function both(own: string, others: string) {
    const { owner, id } = await somebodysRule();
    const other = await somebody({ name: "Tobi" });
    const first = typing(sample, "row1", own, ines);
    await saveEdits(id, owner, { since: 0, edits: [first] });
    await saveEdits(id, other, { since: 0, edits: [typing(sample, "row1", others, tobi)] });
    return { id, lost: await replacedOn(id, owner, "d1"), won: await replacedOn(id, other, "d2"), owner }; // prettier-ignore
  }

  test("both sides are told what was replaced and how to put it back, until they have seen it", async () => {
    const { id, owner, lost, won } = await both("3.3", "3.4");
    const path = ["rows", "row1", "readings", "time"];
    const back = { op: "replace", path, value: "3.3" };
    expect(lost).toMatchObject([{ side: "lost", path, was: "3.3", stands: "3.4", back, other: "Tobi" }]); // prettier-ignore
    expect(won).toMatchObject([{ side: "won", was: "3.3", stands: "3.4", other: "Somebody" }]);
    await replacedSeen(id, owner, "d1", [lost[0]!.id]);
    expect(await replacedOn(id, owner, "d1")).toEqual([]);
  });

  test("who types on, in the same save or the next, replaces another's value once", async () => {
    const { owner, id } = await somebodysRule();
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "3.3", ines)] });
    const keys = ["4", "4.2"].map((text) => typing(sample, "row1", text, tobi));
    await saveEdits(id, owner, { since: 0, edits: keys });
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "4.22", tobi)] });
    expect(await replacedOn(id, owner, "d1")).toMatchObject([{ was: "3.3", stands: "4.22" }]);
    await saveEdits(id, owner, {
      since: 0,
      edits: [typing(sample, "row1", "3.3", { ...tobi, on: 4 })],
    });
    expect(await replacedOn(id, owner, "d1")).toEqual([]);
  });

  test("the same value typed twice replaces nothing", async () => {
    const { lost, won } = await both("3.3", "3.3");
    expect([lost, won]).toEqual([[], []]);
  });

  test("what was on the screen when it was changed was not replaced unseen", async () => {
    const { owner, id } = await somebodysRule();
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "3.3", ines)] });
    const seen = typing(sample, "row1", "3.4", { ...tobi, on: 1 });
    const { edits } = await saveEdits(id, owner, { since: 1, edits: [seen] });
    expect(edits[0]?.replaces).toBeUndefined();
    expect(await replacedOn(id, owner, "d1")).toEqual([]);
  });

  test("one's own window never replaces its own work", async () => {
    const { owner, id } = await somebodysRule();
    for (const text of ["3.3", "3.35"]) {
      await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", text, ines)] });
    }
    expect(await replacedOn(id, owner, "d1")).toEqual([]);
  });

  test("a reading that goes with its row is named, and the row can be put back", async () => {
    const { owner, id } = await somebodysRule();
    await saveEdits(id, owner, { since: 0, edits: [typing(sample, "row1", "3.3", ines)] });
    const removal = sent(perform(sample, removeRows, { rows: ["row1"] }).change, tobi);
    const { edits } = await saveEdits(id, owner, { since: 0, edits: [removal] });
    expect(edits.at(-1)?.replaces).toBe(true);
    const [told] = await replacedOn(id, owner, "d1");
    expect(told).toMatchObject({ was: "3.3", stands: null, back: { path: ["rows", "row1"] } });
    expect(told?.back.value).toMatchObject({ readings: { time: "3.3" } });
  });
});

test("an investigation grows to its limit and no further, but may always shrink", async () => {
  const { owner, id } = await somebodysRule();
  const cells = Array.from({ length: 300 }, (_, i) => [`c${i}`, "x".repeat(200)]);
  const value = {
    order: "a0",
    table: "main",
    readings: { time: "1", ...Object.fromEntries(cells) },
  };
  const rows = (from: number, count: number) => {
    const patches = Array.from({ length: count }, (_, i) => ({ op: "add" as const, path: ["rows", `big${from + i}`], value })); // prettier-ignore
    return sent({ act: "paste-block", patches, inverse: [] });
  };
  expect((await saveEdits(id, owner, { since: 0, edits: [rows(0, 100)] })).nearlyFull).toBeGreaterThan(5e6); // prettier-ignore
  const answer = await saveEdits(id, owner, { since: 1, edits: [rows(100, 300)] });
  expect(answer.refused).toMatchObject([{ reason: "too-large" }]);
  const patches = [{ op: "remove" as const, path: ["rows", "big0"] }];
  const less = await saveEdits(id, owner, { since: 1, edits: [sent({ act: "remove-rows", patches, inverse: [] })] }); // prettier-ignore
  expect(less.refused).toEqual([]);
});
