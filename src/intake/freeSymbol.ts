import { reservedNames } from "@/core/unit/reservedNames";
import { withGreekLetters } from "@/core/unit/symbolText";

/** A symbol that no other quantity has: the wanted one, or with a number lowered behind it. */
export function freeSymbol(wanted: string, taken: ReadonlySet<string>): string {
  const used = new Set([...taken].map(withGreekLetters));
  const isFree = (symbol: string) =>
    !used.has(withGreekLetters(symbol)) && !reservedNames.has(symbol);
  if (isFree(wanted)) return wanted;
  for (let n = 2; ; n++) if (isFree(`${wanted}_${n}`)) return `${wanted}_${n}`;
}

/** A letter to begin with, from a name: "time for ten swings" is t. */
export function proposedSymbol(name: string): string {
  return (/\p{L}/u.exec(name)?.[0] ?? "q").toLowerCase();
}
