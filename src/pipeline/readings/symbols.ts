import type { Finding } from "@/core/finding/finding";
import { reservedNames } from "@/core/unit/reservedNames";
import { withGreekLetters } from "@/core/unit/symbolText";

/** Why a symbol can't stand for a quantity or a constant, or undefined when it can. */
export function symbolFinding(symbol: string, taken: ReadonlySet<string>): Finding | undefined {
  const typed = symbol.trim();
  if (typed === "") return { name: "no-symbol" };
  if (reservedNames.has(typed)) return { name: "symbol-is-a-function", symbol: typed };
  const wanted = withGreekLetters(typed);
  for (const other of taken) {
    if (withGreekLetters(other) === wanted) return { name: "symbol-taken", symbol: typed };
  }
  return undefined;
}
