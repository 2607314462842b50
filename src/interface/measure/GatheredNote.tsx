"use client";

import { seriesByColumn } from "@/investigation/acts/seriesByColumn";
import { remarkWords, repeatWords, seriesWords } from "@/wording/pasting";
import { isRemarks } from "@/pipeline/readings/evaluated";
import { Button } from "../parts/Button";
import { QuantityLabel } from "../parts/QuantityLabel";
import { useQuantities } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { useGrid, useGridController } from "./MeasureContext";

/** Which pasted columns were taken as repeats of one quantity, with the way to have it otherwise. */
export function GatheredNote() {
  const gathered = useGrid((state) => state.gathered);
  const quantities = useQuantities();
  const { columnTools } = useGridController();
  const found = quantities.filter(
    ({ id, quantity }) => gathered.includes(id) && quantity.repeats > 1,
  );
  return (
    <>
      <WordedNote />
      <RemarkedNote />
      {found.map(({ id, quantity }) => (
        <p key={id} className="mt-1 flex flex-wrap items-center gap-2" data-testid="gathered">
          <span>
            {repeatWords.taken({ count: quantity.repeats })} <QuantityLabel quantity={quantity} />.
          </span>
          <Button onClick={() => columnTools.part(id)}>{repeatWords.apart}</Button>
        </p>
      ))}
    </>
  );
}

/** Which pasted columns were taken as remarks, with the way to have them as numbers. */
function RemarkedNote() {
  const remarked = useGrid((state) => state.remarked);
  const quantities = useQuantities();
  const { columnTools } = useGridController();
  const found = quantities.filter((one) => remarked.includes(one.id) && isRemarks(one));
  return found.map(({ id, quantity }) => (
    <p key={id} className="mt-1 flex flex-wrap items-center gap-2" data-testid="remarked">
      <span>
        {remarkWords.taken} <QuantityLabel quantity={quantity} />.
      </span>
      <Button onClick={() => columnTools.remarks(id, "numbers")}>{remarkWords.numbers}</Button>
    </p>
  ));
}

/** That rows were put into series by the words of a pasted column, with the way to leave them a column. */
function WordedNote() {
  const worded = useGrid((state) => state.worded);
  const { columnTools } = useGridController();
  const newest = useInvestigation((state) => state.undoStack.done.at(-1)?.change.act);
  if (worded === 0 || newest !== seriesByColumn.name) return null;
  return (
    <p className="mt-1 flex flex-wrap items-center gap-2" data-testid="worded">
      <span>{seriesWords.made({ count: worded })}</span>
      <Button onClick={() => columnTools.leaveWords()}>{seriesWords.apart}</Button>
    </p>
  );
}
