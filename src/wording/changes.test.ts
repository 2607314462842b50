import type { Patch } from "immer";
import { plainRule } from "../../tests/fixtures/plainRule";
import { changeInWords, placeInWords, replacedInWords } from "./changes";

const document = plainRule();
const cell = (row: string, value: unknown): Patch => ({
  op: "replace",
  path: ["rows", row, "readings", "time"],
  value,
});
const { name } = document.quantities.time!;
const called = `repeat 1 of ${name}`;

test("the keys typed into one cell are one change, named by its column and row", () => {
  const patches = ["4", "4.", "4.6"].map((text) => cell("row2", text));
  expect(changeInWords(document, patches)).toEqual([`${called} in row 2: 4.6`]);
});

test("rows that come and go, cells that are emptied, and more than can be named", () => {
  const row = { order: "a9", table: "main", readings: { time: "9.1" } };
  expect(
    changeInWords(document, [
      { op: "add", path: ["rows", "new"], value: row },
      { op: "remove", path: ["rows", "row1"] },
      cell("row3", ""),
      cell("lost", "7"),
    ]),
  ).toEqual([
    `a new row with ${called} = 9.1`,
    "row 1 taken out",
    `${called} in row 3 emptied`,
    `${called} in a row that is gone: 7`,
  ]);
  const many = Array.from({ length: 30 }, (_, n) => cell(`r${n}`, "1"));
  expect(changeInWords(document, many).at(-1)).toBe("and 18 more");
});

test("what was typed into a row that is new is said with the row; a usual reason in its words", () => {
  const row = { order: "a9", table: "main", readings: { time: "0" } };
  expect(
    changeInWords(document, [
      { op: "add", path: ["rows", "new"], value: row },
      cell("new", "0.55"),
      { op: "add", path: ["rows", "row3", "setAside"], value: { _row: { usual: "misread" } } },
      { op: "add", path: ["rows", "row2", "setAside", "_row"], value: { usual: "slipped" } },
    ]),
  ).toEqual([
    `a new row with ${called} = 0.55`,
    "what of row 3 is set aside",
    "whether row 2 is set aside: “the instrument slipped or was not zeroed”",
  ]);
});

test.each<[(string | number)[], string]>([
  [["title"], "the title"],
  [["quantities", "time", "unit"], `the unit of ${name}`],
  [["quantities", "time", "repeats"], `how ${name} is read`],
  [["figures", "main", "axes", "x"], "figure 1"],
  [["rows", "row1", "setAside", "_row"], "whether row 1 is set aside"],
  [["writeUp", "blocks", "a"], "the write-up"],
  [["what"], "the investigation"],
])("the place %j is %s", (path, words) => {
  expect(placeInWords(document, path)).toBe(words);
});

test.each([
  [{ side: "lost", was: "3.3", stands: "3.4", other: "Tobi" }, "T: your 3.3 was replaced by Tobi’s 3.4."],
  [{ side: "won", was: "3.3", stands: "3.4", other: undefined }, "T: your 3.4 took the place of your other window’s 3.3."],
  [{ side: "lost", was: "3.3", stands: null, other: "Tobi" }, "T: your 3.3 is gone, taken out by Tobi."],
  [{ side: "lost", was: "ink", stands: "", other: "Tobi" }, "T: your “ink” was replaced by Tobi’s nothing."],
  [{ side: "won", was: { a: 1 }, stands: { a: 2 }, other: "Tobi" }, "T: what you chose took the place of what Tobi chose at the same time."],
] as const)("%j reads: %s", (one, words) => {
  expect(replacedInWords("T", one)).toBe(words);
}); // prettier-ignore
