"use client";

import { nanoid } from "nanoid";
import { useCallback, useState } from "react";
import { addQuantity } from "@/investigation/acts/addQuantity";
import { limits } from "@/investigation/model/limits";
import { freeSymbol } from "@/intake/pastePlan";
import { sayings } from "@/wording/sayings";
import { Button } from "../parts/Button";
import { useTable } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { useGridController } from "./MeasureContext";
import { RowsMenu } from "./RowsMenu";
import { ReadingsGrid } from "./ReadingsGrid";

function AddQuantityButton() {
  const controller = useGridController();
  const { quantities } = useTable();
  const { act } = useActs();
  const add = () => {
    const taken = new Set(quantities.map(({ quantity }) => quantity.symbol));
    act(addQuantity, { id: nanoid(10), symbol: freeSymbol("q", taken) });
    controller.goTo({ row: 0, column: quantities.length });
  };
  return (
    <Button disabled={quantities.length >= limits.quantities} onClick={add}>
      Add a quantity
    </Button>
  );
}

/** The page of Measure: the table of readings. */
export function MeasurePage() {
  const [said, setSaid] = useState<string>();
  const onSaid = useCallback((sentence: string) => setSaid(sentence), []);
  return (
    <>
      <h1 className="font-serif text-[18px] font-semibold">{sayings.measure.title}</h1>
      <p className="text-soft mb-3">{sayings.measure.hint}</p>
      <ReadingsGrid onSaid={onSaid} height="max-h-[calc(100vh-290px)]" />
      <div className="mt-3 flex flex-wrap gap-2.5">
        <AddQuantityButton />
        <RowsMenu />
      </div>
      <p role="status" aria-live="polite" className="mt-3 min-h-5">
        {said}
      </p>
    </>
  );
}
