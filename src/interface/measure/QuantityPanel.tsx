"use client";

import { kindOfQuantity } from "@/core/unit/dimension";
import { understandUnit } from "@/core/unit/understandUnit";
import { writeUnitText } from "@/core/unit/unitText";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { findingSentence } from "@/wording/findings";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote } from "../parts/StageLayout";
import { SymbolField } from "../parts/SymbolField";
import { TextField } from "../parts/TextField";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { InstrumentChoice } from "./InstrumentChoice";
import { useQuantityInHand } from "./MeasureContext";
import { QuantityTools } from "./QuantityTools";
import { RepeatsPanel } from "./RepeatsPanel";
import { UncertaintyPanel } from "./UncertaintyPanel";

/** "m s⁻² · acceleration": how the typed unit was understood. */
function UnitMeaning({ unit }: { unit: string }) {
  const reading = understandUnit(unit);
  if (unit.trim() === "") return null;
  if (reading.kind === "unreadable") {
    return <p className="text-magenta col-span-2 text-xs">{findingSentence(reading.finding)}</p>;
  }
  const kind = kindOfQuantity(reading.unit.dimension);
  return (
    <p className="text-soft col-span-2 text-xs" data-testid="unit-meaning">
      <RunTextView runs={writeUnitText(unit)} />
      {kind && ` · ${kind}`}
    </p>
  );
}

/** The quantity in hand: its name, symbol, unit, instrument, repeats and ±. */
export function QuantityPanel() {
  const inHand = useQuantityInHand();
  const { act } = useActs();
  const id = inHand?.evaluated.id ?? "";
  const typedUnit = useInvestigation((state) => state.document.quantities[id]?.unit ?? "");
  const describe = (part: "name" | "unit") => (text: string) =>
    act(describeQuantity, { quantity: id, [part]: text }, `${part}/${id}`);
  if (!inHand) return null;
  const { evaluated } = inHand;
  const { quantity } = evaluated;
  return (
    <MarginNote title="The quantity in hand">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <TextField
          label="Name"
          value={quantity.name}
          placeholder="overhang"
          onChange={describe("name")}
          className="col-span-2"
        />
        <SymbolField key={id} id={id} symbol={quantity.symbol} />
        <TextField
          label={quantity.formula === undefined ? "Unit" : "Shown in"}
          value={typedUnit}
          placeholder={quantity.formula === undefined ? "m" : quantity.unit}
          onChange={describe("unit")}
        />
        <UnitMeaning unit={quantity.unit} />
        {quantity.formula === undefined ? (
          <>
            <InstrumentChoice evaluated={evaluated} />
            <UncertaintyPanel evaluated={evaluated} />
            <RepeatsPanel evaluated={evaluated} />
          </>
        ) : (
          <p className="text-soft col-span-2">
            Worked out by the formula {quantity.formula || "that is still missing"}. Derive shows
            how.
          </p>
        )}
      </div>
      <QuantityTools evaluated={evaluated} />
    </MarginNote>
  );
}
