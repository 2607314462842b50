import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { Quantity } from "@/investigation/model/investigation";
import { RunTextView } from "./RunTextView";

/** "L / m": what stands in a heading under the name. */
export function SymbolWithUnit({ quantity }: { quantity: Quantity }) {
  const unit = writeUnitText(quantity.unit);
  return (
    <span className="whitespace-nowrap">
      <RunTextView runs={writeSymbol(quantity.symbol)} />
      {unit.length > 0 && " / "}
      <RunTextView runs={unit} />
    </span>
  );
}

/** "overhang, L / m": a quantity in a list of choices. */
export function QuantityLabel({ quantity }: { quantity: Quantity }) {
  const name = quantity.name.trim();
  return (
    <>
      {name}
      {name && quantity.symbol ? ", " : ""}
      <SymbolWithUnit quantity={quantity} />
    </>
  );
}
