import type { OverviewRow } from "@/protocol/overview";
import { marksCsv, overviewCsv } from "./overviewCsv";

const stated = (number: string, unit: string) => ({
  number: [{ text: number }],
  unit: [{ text: unit }],
});
const row = (number: number, more: Partial<OverviewRow>): OverviewRow => ({
  id: `b${number}`,
  number,
  investigation: "",
  people: [
    { id: "1", name: "Ines" },
    { id: "2", name: "Tobi" },
  ],
  ...more,
});
const slope = { ...stated("12.5\u00a0±\u00a00.4", "s² m⁻³"), value: 12.5 };
const glance = { readings: 7, openMarks: 1, asks: [], straight: true, slope };
const handing = {
  state: "returned",
  since: "2026-11-28T11:00:00.000Z",
  number: 1,
  at: "2026-11-28T10:00:00.000Z",
  by: "Ines",
  late: true,
  canTakeBack: false,
  judged: { points: { care: 3.5 }, lastWord: 'Go on; "well".' },
} as const;
const lines = (text: string) => text.replace("\ufeff", "").trim().split("\r\n");

test("results: a value and its ± in cells of their own, what is not there left empty", () => {
  const [heads, first, second] = lines(overviewCsv([row(1, { glance, stage: "slope" }), row(2, {})], "point"));
  expect(heads).toMatch(/^bench,names,stage,/);
  expect(first).toBe('1,"Ines, Tobi",Slope,,7,1,yes,12.5,0.4,s² m⁻³,,,,,,');
  expect(second).toBe('2,"Ines, Tobi",,,,,,,,,,,,,,');
}); // prettier-ignore

test("a power of ten is written as spreadsheets read it, negative numbers are no formulas", () => {
  const power = [
    { text: "(−1.25\u00a0±\u00a00.04)" },
    { text: "\u00a0×\u00a010" },
    { text: "−5", script: "super" },
  ] as const;
  const far = { ...glance, slope: { number: power, unit: [{ text: "m" }], value: -1.25e-5 } };
  expect(lines(overviewCsv([row(1, { glance: far })], "point"))[1]).toContain("-1.25e-5,0.04e-5,m");
});

test("marks: a criterion a column, the sum, the last word; semicolons where commas are decimal marks", () => {
  const criteria = {
    words: { order: "a1", text: "Words", points: 6 },
    care: { order: "a0", text: "Care", points: 4 },
  };
  const [heads, first, second] = lines(marksCsv([row(1, { handing }), row(2, {})], criteria, "comma"));
  expect(heads).toBe("bench;names;handed in;at;late;Care (of 4);Words (of 6);sum (of 10);last word");
  expect(first).toBe('1;Ines, Tobi;given back;2026-11-28T10:00:00.000Z;yes;3,5;;3,5;"Go on; ""well""."');
  expect(second).toBe("2;Ines, Tobi;;;;;;;");
}); // prettier-ignore
