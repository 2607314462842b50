import { plainRunText } from "@/core/unit/runText";
import { type MarkPlace, markPlace } from "@/wording/markPlaces";
import { speaking } from "@/wording/language/spoken";
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
  place: {
    kind: "quantities",
    names: [[{ text: symbol }]],
    rows: row === undefined ? [] : [row + 1],
  },
  finding: { name: "missing-unit" },
  sentence,
  answer: undefined,
  ...(row !== undefined && { row }),
});
const said = (marks: readonly WrittenMark[]) =>
  grouped(marks).map(({ place, sentence }) => `${plainRunText(markPlace(place))}: ${sentence}`);

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

test("places are told in the language of who reads them", () => {
  const german = (place: MarkPlace) => speaking("de", () => plainRunText(markPlace(place)));
  const names = ["N1", "N2", "N3"].map((text) => [{ text }]);
  expect(german({ kind: "quantities", names, rows: [] })).toBe("N1 bis N3");
  const one = { kind: "quantities", names: [names[0]!], rows: [3], repeat: 2 } as const;
  expect(german(one)).toBe("Zeile 3, Wiederholung 2 von N1");
  expect(plainRunText(markPlace(one))).toBe("Row 3, repeat 2 of N1");
  expect(german({ kind: "quantities", names: [[]], rows: [] })).toBe("ohne Namen");
  expect(german({ kind: "figure", number: 2, line: "dünn" })).toBe("Abbildung 2, dünn");
  expect(german({ kind: "block", heading: "" })).toBe("das Protokoll");
});

test("what was answered stays apart from what was not", () => {
  const [first, second] = [mark("t", "no unit"), mark("L", "no unit")];
  expect(grouped([{ ...first, answer: "a ratio" }, second])).toHaveLength(2);
});
