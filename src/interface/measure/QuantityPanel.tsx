"use client";

import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { kindOfQuantity } from "@/core/unit/dimension";
import { understandUnit } from "@/core/unit/understandUnit";
import { writeUnitText } from "@/core/unit/unitText";
import { findingSentence } from "@/wording/findings";
import type { EvaluatedQuantity } from "@/pipeline/table";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote } from "../parts/StageLayout";
import { TextField } from "../parts/TextField";
import { useTable } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { useGrid } from "./MeasureContext";
import { QuantityTools } from "./QuantityTools";
import { UncertaintyPanel } from "./UncertaintyPanel";

function symbolProblem(evaluated: EvaluatedQuantity, all: readonly EvaluatedQuantity[]) {
  const symbol = evaluated.quantity.symbol.trim();
  if (symbol === "") return "A quantity needs a symbol.";
  const taken = all.some(({ id, quantity }) => id !== evaluated.id && quantity.symbol === symbol);
  return taken ? `Another quantity is already called ${symbol}.` : undefined;
}

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

/** The quantity in hand: its name, symbol, unit and ±. */
export function QuantityPanel() {
  const { quantities } = useTable();
  const column = useGrid((state) => state.active.column);
  const { act } = useActs();
  const evaluated = quantities[column];
  if (!evaluated) return null;
  const { id, quantity } = evaluated;
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
          problem={symbolProblem(evaluated, quantities)}
          onChange={describe("symbol")}
        />
        <TextField label="Unit" value={quantity.unit} placeholder="m" onChange={describe("unit")} />
        <UnitMeaning unit={quantity.unit} />
        <UncertaintyPanel evaluated={evaluated} />
      </div>
      <QuantityTools column={column} quantities={quantities} />
    </MarginNote>
  );
}
