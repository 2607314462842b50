import { addConstant } from "@/investigation/acts/addConstant";
import { addDerived } from "@/investigation/acts/addDerived";
import { renameSymbol } from "@/investigation/acts/renameSymbol";
import { setAside } from "@/investigation/acts/setAside";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { typedRule } from "../../../tests/fixtures/typedRule";
import { findingSentence } from "@/wording/findings";
import { measured } from "../readings/measured";
import { evaluateTables, tableOf } from "../table/table";
import { writeMeasured } from "../readings/writtenReading";

const plain = perform(typedRule(), typeReadings, { readings: [] }).document;

function derive(
  document: Investigation,
  symbol: string,
  formula: string,
  unit = "",
): Investigation {
  const args = { id: `d_${symbol}`, table: "main", name: "", symbol, formula, unit };
  return perform(document, addDerived, args).document;
}

function quantityOf(document: Investigation, symbol: string) {
  const { quantities, rows } = tableOf(evaluateTables(document));
  const quantity = quantities.find((one) => one.quantity.symbol === symbol)!;
  return { quantity, rows, at: (row: number) => measured(rows[row]!, quantity) };
}

function problem(document: Investigation, symbol: string): string | undefined {
  const { finding } = quantityOf(document, symbol).quantity;
  return finding && findingSentence(finding);
}

describe("a derived quantity", () => {
  test("values, unit and ± of a period and its square, by worst case", () => {
    const document = derive(derive(plain, "T", "t_10/10"), "P", "T^2");
    const period = quantityOf(document, "T");
    expect(period.quantity.quantity.unit).toBe("s");
    expect(period.at(0)!.value).toBeCloseTo(0.311, 12);
    expect(period.at(0)!.bars.up).toBeCloseTo(0.01, 12);
    const square = quantityOf(document, "P");
    expect(square.quantity.quantity.unit).toBe("s^2");
    expect(square.at(0)!.bars.up).toBeCloseTo(2 * 0.311 * 0.01, 12);
    expect(writeMeasured(square.at(0)!, square.quantity, "one")).toMatchObject({
      value: "0.097",
      up: "0.006",
      down: "0.006",
    });
  });

  test("the sample's own period, square and cube", () => {
    const sample = perform(plainRule(), typeReadings, { readings: [] }).document;
    const square = quantityOf(sample, "T^2");
    expect(writeMeasured(square.at(4)!, square.quantity, "one")).toMatchObject({
      value: "0.79",
      up: "0.02",
    });
    const cube = quantityOf(sample, "L^3");
    expect(cube.quantity.quantity.unit).toBe("m^3");
    expect(writeMeasured(cube.at(4)!, cube.quantity, "one")).toMatchObject({
      value: "0.0640",
      up: "0.0005",
    });
  });

  test("a symbol used twice counts once: x·x and x² agree", () => {
    const document = derive(derive(plain, "a", "L*L"), "b", "L²");
    expect(quantityOf(document, "a").at(3)).toEqual(quantityOf(document, "b").at(3));
  });

  test("worst case adds the parts, quadrature their squares", () => {
    const worst = derive(plain, "a", "L/t_10");
    const part = (document: Investigation) => quantityOf(document, "a").at(6)!;
    const relative = 0.001 / 0.5 + 0.1 / (37.22 / 3);
    expect(part(worst).bars.up / part(worst).value).toBeCloseTo(relative, 10);
    const { document } = perform(worst, setHouseRules, { propagation: "quadrature" });
    const squares = Math.hypot(0.001 / 0.5, 0.1 / (37.22 / 3));
    expect(part(document).bars.up / part(document).value).toBeCloseTo(squares, 10);
  });

  test("a constant's ± is common to all rows and no scatter of the points", () => {
    const constant = {
      name: "",
      symbol: "k",
      value: "2.0",
      uncertainty: "0.5",
      unit: "cm",
      source: "",
    };
    const document = derive(
      perform(plain, addConstant, { id: "k", ...constant }).document,
      "a",
      "k L",
    );
    const { quantity, at } = quantityOf(document, "a");
    expect(quantity.quantity.unit).toBe("m^2");
    expect(at(0)!.value).toBeCloseTo(0.02 * 0.2, 14);
    expect(at(0)!.bars.up).toBeCloseTo(0.02 * 0.001, 14);
  });

  test("change and middle look at the next row; the last one stays empty", () => {
    const document = derive(derive(plain, "v", "change(L)/change(t_10)"), "m", "middle(L)");
    const { at } = quantityOf(document, "v");
    expect(at(0)!.value).toBeCloseTo(0.05 / (13.13 / 3 - 9.33 / 3), 10);
    expect(at(6)).toBeUndefined();
    expect(quantityOf(document, "m").at(0)!.bars.up).toBeCloseTo(0.001, 12);
  });

  test("whole columns, and what is shown in another unit", () => {
    const document = derive(plain, "d", "L - mean(L)", "mm");
    expect(quantityOf(document, "d").at(0)!.value).toBeCloseTo(-150, 8);
  });

  test("an input set aside sets the result aside; one missing leaves the cell empty", () => {
    const document = derive(plain, "T", "t_10/10");
    const cells = ["time", "time~2", "time~3"].map((cell) => ({ row: "row2", cell }));
    const aside = perform(document, setAside, { readings: cells, reason: "misread" }).document;
    expect(quantityOf(aside, "T").at(1)!.aside).toBe(true);
    const cleared = cells.map((place) => ({ ...place, text: "" }));
    const empty = perform(document, typeReadings, { readings: cleared }).document;
    expect(quantityOf(empty, "T").at(1)).toBeUndefined();
    expect(quantityOf(empty, "T").at(2)).toBeDefined();
  });

  test.each([
    ["L + t_10", /unlike units and can’t be added/],
    ["exp(L)", /exp\( \) takes a pure number/],
    ["t + 1", /There is no t; did you mean t_10\?/],
    ["L +", /breaks off/],
    ["1/2 L", /can be read in two ways/],
    ["foo(L)", /There is no function “foo”/],
    ["a", /depend on one another in a circle/],
    ["L = 2", /can’t be read as a formula/],
  ])("%s is refused at its place", (formula, expected) => {
    expect(problem(derive(plain, "a", formula), "a")).toMatch(expected);
  });

  test("a domain error empties the cell and leaves the others alone", () => {
    const document = derive(plain, "a", "sqrt(L - 0.26)*0 + ln(L)");
    expect(problem(document, "a")).toMatch(/unlike units/);
    const roots = quantityOf(
      derive(plain, "r", "sqrt(t_10/t_10 - L/L*1.5 + (t_10-t_10)/t_10)"),
      "r",
    );
    expect(roots.at(0)).toBeUndefined();
    const logs = quantityOf(derive(plain, "g", "ln(L)"), "g");
    expect(logs.at(6)!.value).toBeCloseTo(Math.log(0.5), 12);
    expect(logs.quantity.derived!.column!.formula.remarks[0]?.name).toBe("log-of-unit");
  });

  test("renaming a symbol renames it in every formula and changes no value", () => {
    const before = derive(derive(plain, "T", "t_10/10"), "P", "T^2");
    const args = { quantity: "d_T", symbol: "tau", from: "T" };
    const { document } = perform(before, renameSymbol, args);
    expect(document.quantities.d_P!.formula).toBe("τ^2");
    expect(quantityOf(document, "P").at(2)).toEqual(quantityOf(before, "P").at(2));
  });
});
