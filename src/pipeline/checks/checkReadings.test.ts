import { setAside } from "@/investigation/acts/setAside";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import type { Quantity } from "@/investigation/model/quantity";
import { ordersAtEnd } from "@/investigation/model/order";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { evaluateTables, tableOf } from "../table";
import { checkTables } from "./checkReadings";

function withReadings(texts: string[], unit = "s"): Investigation {
  const document = emptyInvestigation();
  const orders = ordersAtEnd({}, texts.length);
  document.quantities.x!.unit = unit;
  texts.forEach((text, i) => {
    document.rows[`r${i}`] = { order: orders[i]!, table: "main", readings: { x: text } };
  });
  return document;
}

const names = (document: Investigation) =>
  checkTables(tableOf(evaluateTables(document)), document.houseRules).map(({ finding, row }) =>
    row === undefined ? finding.name : `${finding.name} in row ${row + 1}`,
  );

const good = ["1.0", "2.0", "3.0", "4.0", "5.0"];

test("good readings, and the sample, have no mark", () => {
  expect(names(withReadings(good))).toEqual([]);
  expect(names(plainRule())).toEqual([]);
});

test.each([
  ["no unit", withReadings(good, ""), ["missing-unit"]],
  ["a pure number says 1", withReadings(good, "1"), []],
  ["three readings", withReadings(["1.0", "2.0", "3.0"]), ["few-readings"]],
  ["two readings: still being typed", withReadings(["1.0", "2.0"]), []],
  ["a narrow range", withReadings(["10.0", "11.0", "12.0", "13.0", "14.0"]), ["narrow-range"]],
  ["both signs are no narrow range", withReadings(["-10.0", "-5.0", "0.0", "5.0", "10.0"]), []],
  [
    "one decimal too few",
    withReadings(["1.0", "2", "3.0", "4.0", "5.0"]),
    ["unlike-decimals in row 2"],
  ],
  [
    "one row out of order",
    withReadings(["1.0", "2.0", "5.0", "3.0", "4.0"]),
    ["out-of-order in row 3"],
  ],
  ["falling, and no slip", withReadings(["5.0", "4.0", "3.0", "2.0", "1.0"]), []],
  ["a gap left out", withReadings(["1.0", "2.0", "3.0", "4.0", "9.0"]), ["uneven-gaps"]],
  [
    "a slipped point",
    withReadings(["1.0", "1.2", "14.0", "1.6", "1.8", "2.0"]),
    ["off-trend in row 3", "out-of-order in row 3", "uneven-gaps"],
  ],
  [
    "decades are no slip",
    withReadings(["1.0", "10.0", "100.0", "1000.0", "10000.0"]),
    ["uneven-gaps"],
  ],
  ["a word", withReadings([...good, "six"]), ["not-a-number in row 6"]],
  ["nothing at all", emptyInvestigation(), []],
])("%s", (_, document, expected) => {
  expect(names(document)).toEqual(expected);
});

test("± 0 is marked", () => {
  const document = withReadings(good);
  document.quantities.x!.uncertainty = { kind: "fixed", amount: "0.0" };
  expect(names(document)).toEqual(["zero-uncertainty"]);
});

const about = (change: (quantity: Quantity) => void, texts = good) => {
  const document = withReadings(texts);
  change(document.quantities.x!);
  return names(document);
};
const fixed = (amount: string) => ({ kind: "fixed", amount }) as const;

test("a ± with too many figures, finer than the step, or finer than the readings", () => {
  expect(about((x) => (x.uncertainty = fixed("0.125")))).toEqual(["uncertainty-figures"]);
  expect(about((x) => Object.assign(x, { uncertainty: fixed("0.2"), resolution: "0.5" }))).toEqual([
    "finer-than-resolution",
  ]);
  expect(about((x) => (x.uncertainty = fixed("0.05")))).toEqual(["uncertainty-decimals"]);
  expect(about((x) => (x.uncertainty = fixed("0.1")))).toEqual([]);
});

test("readings that are not as fine as their instrument", () => {
  expect(about((x) => (x.resolution = "0.01"))).toEqual(["disagrees-with-instrument"]);
  expect(about((x) => (x.resolution = "0.1"))).toEqual([]);
});

test("a repeat far from its fellows, and a row written twice", () => {
  const document = plainRule();
  document.rows.row3!.readings["time~2"] = "6.72";
  expect(names(document)).toEqual(["far-repeat in row 3"]);
  const twice = plainRule();
  twice.rows.row3!.readings = { ...twice.rows.row2!.readings };
  expect(names(twice)).toContain("duplicate-row in row 3");
});

test("what is set aside does not count", () => {
  const readings = [{ row: "r1", cell: "x" }];
  const document = withReadings(["1.0", "2", "3.0", "4.0", "5.0", "6.0"]);
  const { document: after } = perform(document, setAside, { readings, reason: "misread" });
  expect(names(after)).toEqual([]);
});
