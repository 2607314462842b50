"use client";

import { kindOfQuantity } from "@/core/unit/dimension";
import { understandUnit } from "@/core/unit/understandUnit";
import { writeUnitText } from "@/core/unit/unitText";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { symbolFinding } from "@/pipeline/symbols";
import { findingSentence } from "@/wording/findings";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote } from "../parts/StageLayout";
import { TextField } from "../parts/TextField";
import { useActs } from "../store/useInvestigation";
import { InstrumentChoice } from "./InstrumentChoice";
import { useQuantityInHand } from "./MeasureContext";
import { QuantityTools } from "./QuantityTools";
import { RepeatsPanel } from "./RepeatsPanel";
import { UncertaintyPanel } from "./UncertaintyPanel";
import { useTakenSymbols } from "./useSymbols";

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
  const taken = useTakenSymbols(inHand?.evaluated.id);
  if (!inHand) return null;
  const { evaluated } = inHand;
  const { id, quantity } = evaluated;
  const problem = symbolFinding(quantity.symbol, taken);
  const describe = (part: "name" | "symbol" | "unit") => (text: string) =>
    act(describeQuantity, { quantity: id, [part]: text }, `${part}/${id}`);
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
        <TextField
          label="Symbol"
          value={quantity.symbol}
          placeholder="L"
          problem={problem && findingSentence(problem)}
          onChange={describe("symbol")}
        />
        <TextField label="Unit" value={quantity.unit} placeholder="m" onChange={describe("unit")} />
        <UnitMeaning unit={quantity.unit} />
        <InstrumentChoice evaluated={evaluated} />
        <UncertaintyPanel evaluated={evaluated} />
        <RepeatsPanel evaluated={evaluated} />
      </div>
      <QuantityTools evaluated={evaluated} />
    </MarginNote>
  );
}
