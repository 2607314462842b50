"use client";

import { measureTexts } from "@/wording/measureTexts";
import { kindName } from "@/wording/quantityKinds";
import { kindOfQuantity } from "@/core/unit/dimension";
import { understandUnit } from "@/core/unit/understandUnit";
import { writeUnitText } from "@/core/unit/unitText";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { type EvaluatedQuantity, isRemarks } from "@/pipeline/readings/evaluated";
import { findingSentence } from "@/wording/findings";
import { remarkWords } from "@/wording/pasting";
import { Button } from "../parts/Button";
import { Fixed } from "../parts/Fixed";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote } from "../parts/StageLayout";
import { QuantityNameField } from "../parts/QuantityNameField";
import { SymbolField } from "../parts/SymbolField";
import { TextField } from "../parts/TextField";
import { Tick } from "../parts/Tick";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { InstrumentChoice } from "./InstrumentChoice";
import { useGridController, useQuantityInHand } from "./MeasureContext";
import { QuantityTools } from "./QuantityTools";
import { RepeatsPanel } from "./RepeatsPanel";
import { UncertaintyPanel } from "./UncertaintyPanel";

/** "m s⁻² · acceleration": how the typed unit was understood. */
function UnitMeaning({ unit }: { unit: string }) {
  const reading = understandUnit(unit);
  if (unit.trim() === "" || reading.kind === "unreadable") return null;
  const kind = kindOfQuantity(reading.unit.dimension);
  return (
    <p className="text-soft col-span-2 text-xs" data-testid="unit-meaning">
      <RunTextView runs={writeUnitText(unit)} />
      {kind && ` · ${kindName[kind]}`}
    </p>
  );
}

interface Described {
  evaluated: EvaluatedQuantity;
  typedUnit: string;
  onUnit: (text: string) => void;
}

/** Symbol and unit of a column of numbers. */
function SymbolAndUnit({ evaluated: { id, quantity }, typedUnit, onUnit }: Described) {
  const reading = understandUnit(quantity.unit);
  const unread = quantity.unit.trim() !== "" && reading.kind === "unreadable";
  return (
    <>
      <SymbolField key={id} id={id} symbol={quantity.symbol} />
      <TextField
        label={quantity.formula === undefined ? measureTexts.unit : measureTexts.shownIn}
        value={typedUnit}
        placeholder={quantity.formula === undefined ? "m" : quantity.unit}
        onChange={onUnit}
        {...(unread && { problem: findingSentence(reading.finding) })}
      />
      <UnitMeaning unit={quantity.unit} />
    </>
  );
}

/** Instrument, ± and repeats of a column of numbers, or its formula. */
function ReadingPanel({ evaluated }: Pick<Described, "evaluated">) {
  const { id, quantity } = evaluated;
  return (
    <>
      {quantity.formula === undefined ? (
        <>
          <Fixed kind="instrument" of={id}>
            <InstrumentChoice evaluated={evaluated} />
            <UncertaintyPanel evaluated={evaluated} />
          </Fixed>
          <RepeatsPanel evaluated={evaluated} />
        </>
      ) : (
        <p className="text-soft col-span-2">
          {quantity.formula
            ? measureTexts.workedOutBy({ formula: quantity.formula })
            : measureTexts.noFormula}
        </p>
      )}
    </>
  );
}

/** What a column of words is, whether the report states it, and the way back to numbers. */
function RemarksPanel({ evaluated: { id, quantity } }: { evaluated: EvaluatedQuantity }) {
  const { columnTools } = useGridController();
  return (
    <div className="col-span-2 flex flex-col items-start gap-2">
      <p className="text-soft">{remarkWords.is}</p>
      <Tick
        label={remarkWords.reported}
        checked={quantity.remarks === "reported"}
        onChange={(on) => columnTools.remarks(id, on ? "reported" : "kept")}
      />
      <Button onClick={() => columnTools.remarks(id, "numbers")}>{remarkWords.numbers}</Button>
    </div>
  );
}

/** The quantity in hand: its name, symbol, unit, instrument, repeats and ±. */
export function QuantityPanel() {
  const inHand = useQuantityInHand();
  const { act } = useActs();
  const id = inHand?.evaluated.id ?? "";
  const typedUnit = useInvestigation((state) => state.document.quantities[id]?.unit ?? "");
  const setUnit = (unit: string) => act(describeQuantity, { quantity: id, unit }, `unit/${id}`);
  if (!inHand) return null;
  const { evaluated } = inHand;
  const { quantity } = evaluated;
  return (
    <MarginNote title={measureTexts.theQuantityInHand} about="quantity">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <Fixed kind="quantity" of={id}>
          <QuantityNameField id={id} name={quantity.name} placeholder={measureTexts.overhang} />
          {!isRemarks(evaluated) && (
            <SymbolAndUnit evaluated={evaluated} typedUnit={typedUnit} onUnit={setUnit} />
          )}
        </Fixed>
        {isRemarks(evaluated) ? (
          <RemarksPanel evaluated={evaluated} />
        ) : (
          <ReadingPanel evaluated={evaluated} />
        )}
      </div>
      <QuantityTools evaluated={evaluated} />
    </MarginNote>
  );
}
