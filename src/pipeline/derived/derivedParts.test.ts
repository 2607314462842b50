import { addConstant } from "@/investigation/acts/addConstant";
import { addDerived } from "@/investigation/acts/addDerived";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { compile } from "@/core/expression/compile";
import { symbolsOf } from "@/core/expression/tree";
import { toTex } from "@/core/expression/tex";
import { unitOfText } from "@/core/expression/unitOf";
import { readUnit } from "@/core/unit/unitText";
import { quickLabel } from "@/wording/quickFormulas";
import { quickFormulas } from "@/intake/quickFormulas";
import { samples } from "@/investigation/samples/samples";
import { evaluateTables, tableOf } from "../table/table";
import { checkTables } from "../checks/checkReadings";
import { drawingOf } from "./drawnInputs";
import { derivedCell, derivedCells, isFinding } from "./derivedCell";
import { expandedFormula } from "./expandedFormula";
import { sharesOverRows } from "./shares";
import { shownUnit } from "./shownUnit";
import { workedExample } from "./workedExample";

const rule = perform(plainRule(), setHouseRules, { headings: "slash" }).document;

function derive(document: Investigation, symbol: string, formula: string): Investigation {
  const args = { id: `d_${symbol}`, table: "main", name: "", symbol, formula };
  return perform(document, addDerived, args).document;
}

function found(document: Investigation, symbol: string) {
  const { quantities } = tableOf(evaluateTables(document));
  const evaluated = quantities.find(({ quantity }) => quantity.symbol === symbol)!;
  return { evaluated, quantities, column: evaluated.derived!.column! };
}

describe("a formula spread out over its readings", () => {
  test("puts the formula of a derived quantity in its place", () => {
    const { column, quantities } = found(rule, "T^2");
    const { expression, symbols } = expandedFormula(column, quantities);
    expect(toTex(expression)).toBe("\\left(\\frac{t_{\\mathrm{10}}}{10}\\right)^{2}");
    expect([...symbols.keys()]).toEqual(["t_10"]);
  });

  test("but keeps a temperature in K, which °C can't stand for", () => {
    const { column, quantities } = found(samples.fadingCross(), "1/T");
    expect(toTex(expandedFormula(column, quantities).expression)).toBe("\\frac{1}{T}");
    const cell = derivedCell(column, 2);
    if (!cell || isFinding(cell)) throw new Error("the row has no value");
    const document = samples.fadingCross();
    const { rows } = tableOf(evaluateTables(document));
    const { evaluated } = found(document, "1/T");
    const { constants } = document;
    const lines = workedExample({
      evaluated,
      column,
      cell,
      rows,
      quantities,
      constants,
      rules: rule.houseRules,
    });
    expect(lines.find(({ step }) => step === "numbers")!.tex).toContain("303.15\\,\\mathrm{K}");
    expect(lines.map(({ tex }) => tex).join()).not.toContain("circ");
  });

  test("to any depth", () => {
    const document = derive(derive(rule, "w", "2 pi/T"), "k", "w^2 L");
    const { column, quantities } = found(document, "k");
    expect(new Set(symbolsOf(expandedFormula(column, quantities).expression))).toEqual(
      new Set(["L", "t_10"]),
    );
  });
});

describe("what Monte Carlo draws from", () => {
  test("limits from rectangles, in SI units", () => {
    const { column, quantities } = found(rule, "T^2");
    const drawing = drawingOf(column, 0, quantities, rule.houseRules)!;
    expect(drawing.inputIndices).toEqual({ "t_10+0": 0 });
    const [only] = drawing.inputs;
    expect(only).toMatchObject({ distribution: "rectangular" });
    expect(only!.value).toBeCloseTo(3.11, 12);
    expect(only!.size).toBeCloseTo(0.1, 12);
  });

  test("standard uncertainties from normal distributions", () => {
    const { document } = perform(rule, setHouseRules, { uncertaintyMeans: "standard" });
    const { column, quantities } = found(document, "T");
    const drawing = drawingOf(column, 3, quantities, document.houseRules)!;
    expect(drawing.inputs[0]!.distribution).toBe("normal");
  });

  test("the compiled formula gives the cell's own value", () => {
    const document = derive(derive(rule, "v", "change(L)/change(t_10)"), "k", "v T");
    const { column, quantities } = found(document, "k");
    const {
      expression,
      inputIndices: places,
      inputs,
    } = drawingOf(column, 2, quantities, document.houseRules)!;
    const formula = compile(expression, (name, shift) => places[`${name}+${shift}`]!);
    const cell = derivedCell(column, 2)!;
    if (isFinding(cell)) throw new Error(cell.name);
    expect(formula(Float64Array.from(inputs, ({ value }) => value))).toBeCloseTo(cell.value, 12);
  });

  test("no rows are drawn for whole columns", () => {
    const { column, quantities } = found(derive(rule, "m", "L - mean(L)"), "m");
    expect(drawingOf(column, 0, quantities, rule.houseRules)).toBeUndefined();
  });
});

describe("shares over all rows", () => {
  test("add up to one, and constants count among them", () => {
    const width = {
      name: "width",
      symbol: "b",
      value: "25.4",
      uncertainty: "2.5",
      unit: "mm",
      source: "",
    };
    const { document } = perform(rule, addConstant, { id: "b", ...width });
    const { column } = found(derive(document, "a", "b L"), "a");
    const shares = sharesOverRows("worst-case", column);
    expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    expect(shares.find(({ id }) => id === "b")).toMatchObject({ kind: "constant" });
    expect(shares.find(({ id }) => id === "b")!.share).toBeGreaterThan(0.9);
  });
});

describe("pencil marks on a derived quantity", () => {
  const names = (document: Investigation, symbol: string) =>
    checkTables(tableOf(evaluateTables(document)), document.houseRules)
      .filter(({ quantity }) => quantity === found(document, symbol).evaluated.id)
      .map(({ finding }) => finding.name);

  test("none on the sample", () => {
    expect(names(rule, "T")).toEqual([]);
    expect(names(rule, "L^3")).toEqual([]);
  });

  test("a logarithm of seconds; what depends on one reading alone cancels and has none", () => {
    expect(names(derive(rule, "g", "ln(T)"), "g")).toContain("log-of-unit");
    expect(names(derive(rule, "d", "T - t_10/10.125"), "d")).toEqual([]);
  });

  test("a constant that outweighs the readings", () => {
    const constant = {
      name: "",
      symbol: "k",
      value: "2",
      uncertainty: "1",
      unit: "1",
      source: "",
    };
    const { document } = perform(rule, addConstant, { id: "k", ...constant });
    expect(names(derive(document, "a", "k L"), "a")).toEqual([
      "large-relative-uncertainty",
      "common-part-larger",
    ]);
  });
});

describe("the unit in which a result is shown", () => {
  const worked = (text: string) => unitOfText(text, readUnit(text) ?? [])!;

  test.each([
    ["m s^-2", "", "m s^-2", 1],
    ["cm s^-2", "", "cm s^-2", 0.01],
    ["cm s^-2", "m/s^2", "m/s^2", 1],
    ["kg m s^-2", "N", "N", 1],
    ["J", "kJ", "kJ", 1000],
    ["cm m", "", "m^2", 1],
    ["1", "%", "%", 0.01],
  ])("%s wished as %j is %s", (unit, wished, text, factor) => {
    const outcome = shownUnit(worked(unit), wished);
    expect(outcome).toMatchObject({ kind: "unit", unit: { text } });
    if (outcome.kind === "unit") expect(outcome.unit.factor).toBeCloseTo(factor, 12);
  });

  test.each(["s", "metr", "kg"])("a length can't be shown in %s", (wished) => {
    expect(shownUnit(worked("m"), wished)).toEqual({ kind: "unlike" });
  });
});

describe("usual formulas", () => {
  /** Two quantities of one kind, so that each can be taken off the other. */
  const alike = quickFormulas.filter(({ id }) => id === "background");

  test.each(quickFormulas.filter((quick) => !alike.includes(quick)))(
    "$id gives a quantity that can be worked out",
    (quick) => {
      const { column } = found(derive(rule, "z", quick.formula("t_10", "L")), "z");
      expect([...derivedCells(column)].some((cell) => !isFinding(cell))).toBe(true);
      expect(quickLabel(quick, "t", "L").length).toBeGreaterThan(3);
      expect(quick.symbol("t_10", "L")).toMatch(/^[\p{L}]/u);
    },
  );

  test("a background is taken off in the same unit", () => {
    const [quick] = alike;
    const { column } = found(derive(rule, "z", quick!.formula("t_10", "T")), "z");
    const [cell] = [...derivedCells(column)];
    expect(isFinding(cell!) ? cell.name : cell!.value).toBeCloseTo(3.11 - 0.311, 12);
    expect(column.formula.shown.text).toBe("s");
  });

  test("a percentage of another quantity is a hundred times the quotient", () => {
    const quick = quickFormulas.find(({ id }) => id === "part")!;
    const { column } = found(derive(rule, "z", quick.formula("T", "t_10")), "z");
    for (const cell of derivedCells(column)) {
      expect(isFinding(cell) ? cell.name : cell.value).toBeCloseTo(10, 12);
    }
  });
});

describe("whole columns", () => {
  test.each([
    ["mean(L)", 0.35],
    ["sum(L)", 2.45],
    ["min(L)", 0.2],
    ["max(L)", 0.5],
    ["first(L)", 0.2],
    ["last(L)", 0.5],
    ["count(L)*L/L", 7],
    ["mean(L*2) - mean(L)", 0.35],
  ])("%s is %d in every row", (formula, expected) => {
    const { column } = found(derive(rule, "z", formula), "z");
    for (const cell of derivedCells(column)) {
      expect(isFinding(cell) ? cell.name : cell.value).toBeCloseTo(expected, 12);
    }
  });

  test("the ± of a mean of seven is √7 smaller", () => {
    const { column } = found(derive(rule, "z", "mean(L)"), "z");
    const [cell] = [...derivedCells(column)];
    if (!cell || isFinding(cell)) throw new Error("no cell");
    expect(cell.sizes[0]).toBeCloseTo(0.001 / Math.sqrt(7), 12);
    expect(column.variables[0]!.kind).toBe("column");
  });
});
