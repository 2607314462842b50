"use client";

import { deriveTexts } from "@/wording/deriveTexts";
import { Trash2 } from "lucide-react";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { removeQuantity } from "@/investigation/acts/removeQuantity";
import { removalSentence } from "@/wording/removing";
import { usesOf } from "@/pipeline/readings/uses";
import { Button } from "../parts/Button";
import { Fixed, useFixed } from "../parts/Fixed";
import { MarginNote } from "../parts/StageLayout";
import { QuantityNameField } from "../parts/QuantityNameField";
import { SymbolField } from "../parts/SymbolField";
import { TextField } from "../parts/TextField";
import { ForWriters } from "../store/ForWriters";
import { useActs, useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import type { Derived } from "./useDerived";

/** Name, symbol and shown unit of the derived quantity in hand. */
export function DerivedPanel({ derived }: { derived: Derived }) {
  const { act } = useActs();
  const store = useInvestigationStore();
  const { id, quantity, derived: result } = derived.evaluated;
  const fixed = useFixed("quantity", id);
  const typedUnit = useInvestigation((state) => state.document.quantities[id]?.unit ?? "");
  const setUnit = (unit: string) => act(describeQuantity, { quantity: id, unit }, `unit/${id}`);
  const remove = () => {
    const uses = usesOf(store.getState().document, id);
    if (!act(removeQuantity, { quantity: id })) return;
    store.setState({ notice: removalSentence(quantity, uses) });
  };
  return (
    <MarginNote title={deriveTexts.theDerivedQuantityInHand} about="formula">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <Fixed kind="quantity" of={id}>
          <QuantityNameField id={id} name={quantity.name} placeholder={deriveTexts.period} />
          <SymbolField key={id} id={id} symbol={quantity.symbol} />
          <TextField
            label={deriveTexts.shownIn}
            value={typedUnit}
            placeholder={result?.column ? quantity.unit || "1" : deriveTexts.asWorkedOut}
            onChange={setUnit}
          />
        </Fixed>
      </div>
      <ForWriters unless={fixed}>
        <div className="mt-1 -ml-2.5">
          <Button look="quiet" onClick={remove}>
            <Trash2 aria-hidden size={15} /> {deriveTexts.removeThisQuantity}
          </Button>
        </div>
      </ForWriters>
    </MarginNote>
  );
}
