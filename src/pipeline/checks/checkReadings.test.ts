import { setAside } from "@/investigation/acts/setAside";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import type { Quantity } from "@/investigation/model/quantity";
import { ordersAtEnd } from "@/investigation/model/order";
import { SeededChance } from "@/core/statistics/seededChance";
import { cellKey } from "@/investigation/model/row";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { evaluateTables, tableOf } from "../table/table";
import { checkTables } from "./checkReadings";

function withReadings(texts: string[], unit = "s", amount = "0.1"): Investigation {
  const document = emptyInvestigation();
  const orders = ordersAtEnd({}, texts.length);
  Object.assign(document.quantities.x!, { unit, uncertainty: { kind: "fixed", amount } });
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
  ["decades are no slip", withReadings(["1.0", "10.0", "100.0", "1000.0", "10000.0"]), []],
  ["steps that double", withReadings(["5.0", "10.0", "20.0", "40.0", "80.0"]), []],
  ["1, 2, 5, 10, 20", withReadings(["1.0", "2.0", "5.0", "10.0", "20.0"]), []],
  [
    "a blank near zero, and a lowest value, are no slips",
    withReadings(["0.02", "0.21", "0.40", "0.61", "0.80"], "V", "0.01"),
    [],
  ],
  [
    "the lowest of a curve",
    withReadings(["5.0", "3.6", "1.7", "0.2", "1.9", "3.4"], "V", "0.05"),
    ["uncertainty-decimals"],
  ],
  [
    "a slip in a curve",
    withReadings(["5.0", "3.6", "1.7", "16.0", "2.9", "4.4"], "V", "0.05"),
    ["uncertainty-decimals", "off-trend in row 4", "uneven-gaps"],
  ],
  ["a narrow range in °C", withReadings(["20.0", "21.0", "22.0", "23.0", "24.0"], "°C"), []],
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

describe("± that is missing, or can't be", () => {
  test("no ± anywhere, said once for each quantity that is read", () => {
    const document = withReadings(good);
    document.quantities.x!.uncertainty = { kind: "none" };
    expect(names(document)).toEqual(["no-uncertainty"]);
    const typed = withReadings(["1.0", "2.0", "3.0 ± 0.1", "4.0", "5.0"]);
    typed.quantities.x!.uncertainty = { kind: "none" };
    expect(names(typed)).toEqual([]);
  });

  test("a ± larger than its readings; one blank near zero is left alone", () => {
    expect(names(withReadings(good, "s", "2.5"))).toEqual([
      "larger-than-reading in row 1",
      "larger-than-reading in row 2",
    ]);
    expect(names(withReadings(["0.1", "2.0", "4.0", "6.0", "8.0"], "s", "0.2"))).toEqual([]);
    expect(names(withReadings(["0.1", "1.0", "2.0", "3.0", "4.0"], "°C", "0.5"))).toEqual([]);
  });

  test("a blank in the column of the ±, until it is filled", () => {
    const document = withReadings(good);
    document.quantities.x!.uncertainty = { kind: "column", column: "dx" };
    document.quantities.dx = {
      ...document.quantities.x!,
      name: "±",
      symbol: "dx",
      uncertainty: { kind: "none" },
      order: "z",
    };
    for (const [id, row] of Object.entries(document.rows)) {
      row.readings.dx = id === "r1" ? "" : "0.1";
    }
    expect(names(document)).toEqual(["blank-uncertainty in row 2"]);
    const filled = structuredClone(document);
    filled.rows.r1!.readings.dx = "0.2";
    expect(names(filled)).toEqual([]);
  });

  test("repeats that all agree without an instrument's ±", () => {
    const document = plainRule();
    document.quantities.time!.uncertainty = { kind: "none" };
    Object.assign(document.rows.row3!.readings, { time: "6.1", "time~2": "6.1", "time~3": "6.1" });
    expect(names(document)).toContain("identical-repeats in row 3");
  });
});

test.each([
  ["number of turns", "k", ["1", "2", "3", "4", "5"], []],
  ["", "N", ["12", "15", "9", "20", "11"], ["out-of-order in row 3"]],
  ["length", "L", ["20", "25", "30", "35", "40"], ["missing-unit"]],
  ["number of turns", "k", ["1.5", "2.5", "3.5", "4.5", "5.5"], ["missing-unit"]],
])("counts need no unit: %s %s %j", (name, symbol, texts, expected) => {
  const document = withReadings(texts, "", "1");
  Object.assign(document.quantities.x!, { name, symbol });
  const found = names(document).filter((one) => one === "missing-unit");
  expect(found).toEqual(expected.filter((one) => one === "missing-unit"));
});

test("of 200 honest tables of repeats at most 5 have a repeat that stands apart; a slipped digit does", () => {
  const chance = new SeededChance(40);
  const table = (grows: boolean, slip: boolean) => {
    const document = plainRule();
    document.quantities.time!.repeats = 5;
    Object.values(document.rows).forEach((row, index) => {
      const value = 4 + 1.3 * index;
      for (let repeat = 1; repeat <= 5; repeat++) {
        const scatter = 0.04 * chance.normal() * (grows ? value / 4 : 1);
        const off = slip && index === 2 && repeat === 4 ? 0.9 : 0;
        row.readings[cellKey("time", repeat)] = (value + scatter + off).toFixed(2);
      }
    });
    return names(document).filter((name) => name.startsWith("far-repeat"));
  };
  const honest = Array.from({ length: 200 }, (_, i) => table(i % 2 === 0, false).length > 0);
  expect(honest.filter(Boolean).length).toBeLessThanOrEqual(5);
  const slipped = Array.from({ length: 20 }, (_, i) => table(i % 2 === 0, true));
  expect(slipped.filter(([first]) => first === "far-repeat in row 3").length).toBeGreaterThan(17);
});
