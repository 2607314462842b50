import { addDerived } from "@/investigation/acts/addDerived";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Investigation } from "@/investigation/model/investigation";
import { findingSentence } from "@/wording/findings";
import { evaluateTables, tableOf } from "../../table/table";
import { checkTables } from "../checkReadings";

/** Columns of readings in metres, each with the same fixed ±, and one derived quantity z. */
function bench(columns: Record<string, readonly number[]>, amount: string, formula: string) {
  const symbols = Object.keys(columns);
  const ids = symbols.map((symbol) => `id${symbol}`);
  let document = perform(emptyInvestigation(), pasteBlock, {
    table: "main",
    newQuantities: symbols.map((symbol, i) => ({ id: ids[i]!, symbol })),
    headings: symbols.map((symbol, i) => ({ quantity: ids[i]!, name: symbol, symbol, unit: "m" })),
    cells: ids,
    rows: columns[symbols[0]!]!.map((_, row) => ({
      row: `r${row}`,
      texts: symbols.map((symbol) => String(columns[symbol]![row] ?? "")),
    })),
  }).document;
  for (const quantity of ids) {
    const uncertainty = { kind: "fixed", amount } as const;
    document = perform(document, setUncertainty, { quantity, uncertainty }).document;
  }
  const derived = { id: "z", table: "main", name: "", symbol: "z", formula };
  return perform(document, addDerived, derived).document;
}

function marks(document: Investigation) {
  return checkTables(tableOf(evaluateTables(document)), document.houseRules)
    .filter(({ quantity }) => quantity === "z")
    .map(({ finding }) => finding);
}

const names = (...args: Parameters<typeof bench>) => marks(bench(...args)).map(({ name }) => name);

describe("marks on a formula", () => {
  test("two lengths that nearly agree are subtracted", () => {
    const columns = { a: [1.02, 1.53, 2.04], b: [1, 1.5, 2] };
    expect(names(columns, "0.005", "a - b")).toContain("subtracts-nearly-equal");
    expect(names(columns, "0.0001", "a - b")).toEqual([]);
    expect(names({ a: [3, 4, 5], b: [1, 1.5, 2] }, "0.005", "a - b")).toEqual([]);
  });

  test("3.14 is too coarse for good readings, and 0.5 is exact", () => {
    const columns = { a: [1.02, 1.53, 2.04] };
    expect(names(columns, "0.001", "3.14 a")).toEqual(["coarse-number"]);
    expect(names(columns, "0.1", "3.14 a")).toEqual([]);
    expect(names(columns, "0.001", "0.5 a")).toEqual([]);
    expect(names(columns, "0.001", "pi a^2.5")).toEqual([]);
  });

  test("a second reading of the same length is left out", () => {
    const columns = { a_1: [1.02, 1.53, 2.04], a_2: [1.03, 1.51, 2.05] };
    expect(names(columns, "0.01", "a_1^2")).toEqual(["ignores-repeat"]);
    expect(names(columns, "0.01", "(a_1 + a_2)/2")).toEqual([]);
    expect(names({ ...columns, a_2: [5, 6, 7] }, "0.01", "a_1^2")).toEqual([]);
  });

  test("a formula that bends within the ± is drawn, and told with its row", () => {
    const columns = { a: [0.21, 0.5, 2] };
    const bent = { ...perform(bench(columns, "0.05", "1/a^2"), setHouseRules, standard).document };
    const [mark] = marks(bent);
    expect(mark).toMatchObject({ name: "large-relative-uncertainty", percent: 48 });
    const less = perform(bench(columns, "0.03", "1/a^2"), setHouseRules, standard).document;
    expect(marks(less)).toEqual([
      { name: "first-order-misleads", row: 1, percent: expect.any(Number) as number },
    ]);
    expect(findingSentence(marks(less)[0]!)).toMatch(/In row 1 .* differs by \d+ %/);
    expect(names(columns, "0.005", "1/a^2")).toEqual([]);
  });
});

const standard = { uncertaintyMeans: "standard", propagation: "quadrature" } as const;
