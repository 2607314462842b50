import type { Finding } from "../finding/finding";
import { FormulaError, FormulaReader, refuse } from "./formulaReader";
import { plainFormula } from "./spelling";
import { type Expression, partsOf } from "./tree";

export type ParsedFormula =
  | { readonly kind: "formula"; readonly expression: Expression }
  | { readonly kind: "empty" }
  | { readonly kind: "unreadable"; readonly finding: Finding };

const longest = 500;
const deepest = 100;
const deepestRows = 5;

/** How many parts stand within one another. */
function depthOf(expression: Expression): number {
  return 1 + Math.max(0, ...partsOf(expression).map(depthOf));
}

/** How often functions of neighbouring rows stand within one another: each doubles what is to be worked out. */
function rowsWithinRows(expression: Expression): number {
  const inside = Math.max(0, ...partsOf(expression).map(rowsWithinRows));
  return expression.kind === "neighbour" ? inside + 1 : inside;
}

/**
 * Reads a formula in usual school notation into a typed tree: `16*pi^2*m/T^2`, `16π²m/T²`, `ln(t)`. `^` binds from the
 * right and before a minus sign; what stands side by side is multiplied unless that could be read in two ways.
 * @returns a finding that says what is wrong where the text is no formula; it never throws.
 */
export function parseFormula(typed: string): ParsedFormula {
  if (typed.trim() === "") return { kind: "empty" };
  if (typed.length > longest) return { kind: "unreadable", finding: { name: "formula-too-long" } };
  try {
    const expression = new FormulaReader(plainFormula(typed)).read();
    const tooDeep = depthOf(expression) > deepest || rowsWithinRows(expression) > deepestRows;
    if (tooDeep) refuse({ name: "formula-too-long" });
    return { kind: "formula", expression };
  } catch (error) {
    if (error instanceof FormulaError) return { kind: "unreadable", finding: error.finding };
    throw error;
  }
}
