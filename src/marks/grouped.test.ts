import { grouped } from "./grouped";
import type { WrittenMark } from "./mark";

const mark = (symbol: string, sentence: string, row?: number): WrittenMark => ({
  key: `${sentence}_${symbol}_${row}`,
  keys: [`${sentence}_${symbol}_${row}`],
  stage: "measure",
  id: symbol,
  table: "main",
  column: 0,
  dismissable: true,
  quantity: [{ text: symbol }],
  sentence,
  answer: undefined,
  rowWords: row === undefined ? "" : `Row ${row + 1}, `,
  ...(row !== undefined && { row }),
});
const said = (marks: readonly WrittenMark[]) =>
  grouped(marks).map(
    ({ rowWords, quantity, sentence }) =>
      `${rowWords}${quantity.map(({ text }) => text).join("")}: ${sentence}`,
  );

test("one kind on neighbouring quantities is one mark that names the first and the last", () => {
  const five = [1, 2, 3, 4, 5].map((n) => mark(`N${n}`, "no unit"));
  expect(said(five)).toEqual(["N1 to N5: no unit"]);
  expect(grouped(five)[0]!.keys).toHaveLength(5);
  expect(said([five[0]!, five[2]!, five[4]!])).toEqual(["N1, N3 and N5: no unit"]);
  expect(said(["L", "t", "U"].map((name) => mark(name, "no unit")))).toEqual([
    "L, t and U: no unit",
  ]);
});

test("rows of one quantity are listed, other quantities and other sentences stay apart", () => {
  const rows = [1, 3, 6].map((row) => mark("t", "too large", row));
  expect(said([...rows, mark("L", "too large", 2), mark("t", "too small", 4)])).toEqual([
    "Rows 2, 4 and 7, t: too large",
    "Row 3, L: too large",
    "Row 5, t: too small",
  ]);
});

test("what was answered stays apart from what was not", () => {
  const [first, second] = [mark("t", "no unit"), mark("L", "no unit")];
  expect(grouped([{ ...first, answer: "a ratio" }, second])).toHaveLength(2);
});
