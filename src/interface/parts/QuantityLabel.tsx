"use client";

import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { Quantity } from "@/investigation/model/quantity";
import { useHouseRules } from "../store/useEvaluated";
import { RunTextView } from "./RunTextView";

/** "L / m" or "L (m)", as the house rules say: what stands in a heading under the name. */
export function SymbolWithUnit({ quantity }: { quantity: Pick<Quantity, "symbol" | "unit"> }) {
  const { headings } = useHouseRules();
  const unit = writeUnitText(quantity.unit);
  const [before, behind] = headings === "slash" ? [" / ", ""] : [" (", ")"];
  return (
    <span className="whitespace-nowrap">
      <RunTextView runs={writeSymbol(quantity.symbol)} />
      {unit.length > 0 && before}
      <RunTextView runs={unit} />
      {unit.length > 0 && behind}
    </span>
  );
}

/** "overhang, L / m": a quantity in a list of choices; remarks have no symbol that anyone needs. */
export function QuantityLabel({ quantity }: { quantity: Quantity }) {
  const name = quantity.name.trim();
  if (quantity.remarks && name) return name;
  return (
    <>
      {name}
      {name && quantity.symbol ? ", " : ""}
      <SymbolWithUnit quantity={quantity} />
    </>
  );
}
