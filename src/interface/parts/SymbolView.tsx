import { writeSymbol } from "@/core/unit/symbolText";
import type { Quantity } from "@/investigation/model/quantity";
import { RunTextView } from "./RunTextView";

/** The symbol of a quantity, or its name where it has none. */
export function SymbolView({ quantity }: { quantity: Quantity }) {
  const symbol = writeSymbol(quantity.symbol);
  return <RunTextView runs={symbol.length > 0 ? symbol : [{ text: quantity.name || "unnamed" }]} />;
}
