import type { Quantity } from "@/investigation/model/quantity";
import type { FormulaUse, Uses } from "@/pipeline/readings/uses";

/** What removing a quantity took along, and the way back. */
export function removalSentence(
  { name, symbol }: Pick<Quantity, "name" | "symbol">,
  { figures, uncertaintyOf, readings, formulas }: Uses,
): string {
  const called = name.trim() || symbol.trim() || "The quantity";
  const parts = [
    `${called.charAt(0).toUpperCase()}${called.slice(1)} was removed` +
      (readings > 0 ? ` with ${readings} ${readings === 1 ? "reading" : "readings"}.` : "."),
  ];
  if (figures.length > 0) {
    parts.push(`An axis of figure ${figures.join(", ")} showed it and is empty now.`);
  }
  if (uncertaintyOf.length > 0) {
    parts.push(`It held the ± of ${uncertaintyOf.join(", ")}, which has none now.`);
  }
  if (formulas.length > 0) parts.push(formulasSentence(formulas));
  return [...parts, "Undo (Ctrl+Z) brings everything back."].join(" ");
}

function placeOf({ kind, name }: FormulaUse): string {
  switch (kind) {
    case "quantity":
      return `the formula of ${name || "a quantity"}`;
    case "result":
      return `the result ${name || "without a symbol"}`;
    case "curve":
      return `a curve of figure ${name}`;
    case "theory":
      return "the theory";
    case "board":
      return "the straighten board";
    case "block":
      return "the write-up";
  }
}

/** Which formulas name what was removed, and so miss it. */
function formulasSentence(formulas: readonly FormulaUse[]): string {
  const places = [...new Set(formulas.map(placeOf))];
  const listed = [places.slice(0, -1).join(", "), places.at(-1)].filter(Boolean).join(" and ");
  return `${listed.charAt(0).toUpperCase()}${listed.slice(1)} ${places.length === 1 ? "names" : "name"} it and ${places.length === 1 ? "misses" : "miss"} it now.`;
}

/** What removing a constant leaves behind, and the way back. */
export function constantRemovalSentence(called: string, formulas: readonly FormulaUse[]): string {
  const rest = formulas.length > 0 ? ` ${formulasSentence(formulas)}` : "";
  return `${called} was removed.${rest} Undo (Ctrl+Z) brings it back.`;
}

/** What removing a table took along, and the way back. */
export function tableRemovalSentence(name: string, rows: number): string {
  return `${name} was removed with ${rows} ${rows === 1 ? "row" : "rows"}. Undo (Ctrl+Z) brings everything back.`;
}
