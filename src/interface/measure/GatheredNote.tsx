"use client";

import { repeatWords } from "@/wording/pasting";
import { Button } from "../parts/Button";
import { QuantityLabel } from "../parts/QuantityLabel";
import { useQuantities } from "../store/useEvaluated";
import { useGrid, useGridController } from "./MeasureContext";

/** Which pasted columns were taken as repeats of one quantity, with the way to have it otherwise. */
export function GatheredNote() {
  const gathered = useGrid((state) => state.gathered);
  const quantities = useQuantities();
  const { columnTools } = useGridController();
  const found = quantities.filter(
    ({ id, quantity }) => gathered.includes(id) && quantity.repeats > 1,
  );
  return found.map(({ id, quantity }) => (
    <p key={id} className="mt-1 flex flex-wrap items-center gap-2" data-testid="gathered">
      <span>
        {repeatWords.taken(quantity.repeats)} <QuantityLabel quantity={quantity} />.
      </span>
      <Button onClick={() => columnTools.part(id)}>{repeatWords.apart}</Button>
    </p>
  ));
}
