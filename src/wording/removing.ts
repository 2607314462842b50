import type { Quantity } from "@/investigation/model/quantity";
import type { Uses } from "@/pipeline/uses";

/** What removing a quantity took along, and the way back. */
export function removalSentence(
  { name, symbol }: Pick<Quantity, "name" | "symbol">,
  { figures, uncertaintyOf, readings }: Uses,
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
  return [...parts, "Undo (Ctrl+Z) brings everything back."].join(" ");
}

/** What removing a table took along, and the way back. */
export function tableRemovalSentence(name: string, rows: number): string {
  return `${name} was removed with ${rows} ${rows === 1 ? "row" : "rows"}. Undo (Ctrl+Z) brings everything back.`;
}
