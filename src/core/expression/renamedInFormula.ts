import { reservedNames } from "../unit/reservedNames";
import { symbolName } from "./spelling";

const word = /[\p{L}_][\p{L}\p{N}_]*(?:\{[^{}]*\})?/gu;

/** Whether a symbol can stand in a formula: a letter first, then letters, digits and underscores. */
export function canStandInFormula(symbol: string): boolean {
  const name = symbolName(symbol);
  return /^[\p{L}][\p{L}\p{N}_]*$/u.test(name) && !reservedNames.has(name);
}

/** A typed formula with one symbol called otherwise; everything else stays as it was typed. */
export function renamedInFormula(formula: string, from: string, to: string): string {
  const before = symbolName(from);
  const after = symbolName(to);
  if (before === "" || before === after || !canStandInFormula(to)) return formula;
  return formula.replace(word, (found) => (symbolName(found) === before ? after : found));
}
