import { addDerived } from "@/investigation/acts/addDerived";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import type { HouseRules } from "@/investigation/model/houseRules";
import { perform } from "@/investigation/history/edit";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { evaluateTables, tableOf } from "../table/table";
import { derivedCell, isFinding } from "./derivedCell";
import { sharesOfCell } from "./shares";
import { workedExample } from "./workedExample";

function worked(
  symbol: string,
  formula?: string,
  propagation?: "quadrature",
  more: Partial<HouseRules> = {},
) {
  let document = perform(plainRule(), setHouseRules, {
    propagation: propagation ?? "worst-case",
    ...more,
  }).document;
  if (formula) {
    const args = { id: "d", table: "main", name: "", symbol, formula };
    document = perform(document, addDerived, args).document;
  }
  const { quantities, rows } = tableOf(evaluateTables(document));
  const evaluated = quantities.find(({ quantity }) => quantity.symbol === symbol)!;
  const column = evaluated.derived!.column!;
  const cell = derivedCell(column, 4)!;
  if (isFinding(cell)) throw new Error(cell.name);
  const rule = propagation ?? "worst-case";
  return {
    lines: workedExample({
      evaluated,
      column,
      cell,
      rows,
      quantities,
      constants: document.constants,
      rules: document.houseRules,
    }),
    shares: sharesOfCell(rule, cell, column),
  };
}

const texts = (lines: ReturnType<typeof worked>["lines"], step: string) =>
  lines.filter((line) => line.step === step).map(({ tex }) => tex);

describe("the worked example", () => {
  test("a power: percentages, times the power, and the rounded statement", () => {
    const { lines } = worked("T^2");
    expect(texts(lines, "formula")).toEqual([
      "T^{2} = \\left(\\frac{t_{\\mathrm{10}}}{10}\\right)^{2}",
    ]);
    expect(texts(lines, "numbers")[0]).toContain("8.91\\,\\mathrm{s}");
    expect(texts(lines, "part")[0]).toContain(
      "= 1.12\\,\\%,\\quad 2 \\times 1.12\\,\\% = 2.24\\,\\%",
    );
    expect(texts(lines, "stated")).toEqual(["T^{2} = (0.79 \\pm 0.02)\\,\\mathrm{s^{2}}"]);
  });

  test("the ± of a reading stands there as it was given, over the reading as it was read", () => {
    const { lines } = worked("V", "L^3");
    expect(texts(lines, "numbers")).toEqual(["V = \\left(0.400\\,\\mathrm{m}\\right)^{3}"]);
    expect(texts(lines, "part")).toEqual([
      "\\frac{0.001\\,\\mathrm{m}}{0.400\\,\\mathrm{m}} = 0.25\\,\\%,\\quad 3 \\times 0.25\\,\\% = 0.75\\,\\%",
    ]);
  });

  test("a percentage that is taken several times has the figures from which the product follows", () => {
    const { lines } = worked("k", "L^2.5/T^3");
    expect(texts(lines, "part")[0]).toMatch(
      /= 0\.25\\,\\%,\\quad 2\.5 \\times 0\.25\\,\\% = 0\.63/,
    );
    expect(texts(lines, "part")[1]).toContain(
      "= 1.12\\,\\%,\\quad 3 \\times 1.12\\,\\% = 3.4\\,\\%",
    );
  });

  test("a sum adds its ±", () => {
    const { lines } = worked("d", "2 L - first(L)*0 - 0.1*L");
    expect(lines.at(-1)?.tex).toMatch(/\\pm/);
    const plain = worked("e", "t_10 + t_10/10").lines;
    expect(plain.filter(({ how }) => how === "sum").length).toBeGreaterThan(0);
    expect(texts(plain, "stated")[0]).toContain("9.8 \\pm 0.1");
  });

  test("a product of two: the percentages together, by either rule", () => {
    const worst = worked("v", "L/T").lines;
    expect(texts(worst, "together")[0]).toContain("0.25\\,\\% + 1.12\\,\\% = 1.37\\,\\%");
    const square = worked("v", "L/T", "quadrature").lines;
    expect(texts(square, "together")[0]).toContain("\\sqrt{(0.25\\,\\%)^{2} + (1.12\\,\\%)^{2}");
  });

  test("anything else takes slopes", () => {
    const { lines } = worked("c", "T/(T + t_10*2)");
    expect(lines.find(({ step }) => step === "together")?.how).toBe("slopes");
    const other = worked("e", "L*T/(T + t_10) + L").lines;
    expect(texts(other, "part")[0]).toContain("\\partial L");
    const third = worked("a", "L/(T + t_10)").lines;
    expect(texts(third, "part")[0]).toContain(
      "= 0.102\\,\\mathrm{s^{-1}} \\times 0.001\\,\\mathrm{m} = 1.0 \\times 10^{-4}\\,\\mathrm{m\\,s^{-1}}",
    );
    const tex = [...lines, ...other].map((line) => line.tex).join(" ");
    expect(tex).not.toMatch(/NaN|undefined|Infinity|\[object/);
  });

  test("every number has the decimal comma of the house", () => {
    const tex = worked("c", "0.5 T/(T + t_10)", undefined, { decimalMark: "comma" }).lines;
    expect(texts(tex, "numbers")[0]).toContain("8{,}91\\,\\mathrm{s}");
    expect(tex.map((line) => line.tex).join()).not.toMatch(/\d\.\d/);
  });

  test("shares add up to one", () => {
    const { shares } = worked("v", "L/T", "quadrature");
    expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    expect(shares.find(({ id }) => id === "time")!.share).toBeGreaterThan(0.9);
  });
});
