import type { Steps } from "../readings/steps";
import type { EvaluatedQuantity, EvaluatedTable } from "../table/table";
import type { PlacedFinding } from "./check";

const leastRows = 3;
const rowsInAStep = 2048;

/** Whether something says how sure a quantity's readings are, apart from a ± typed with one of them. */
function isStated({ instrument, column, quantity, finding }: EvaluatedQuantity): boolean {
  const begun = quantity.uncertainty.kind !== "none" || finding !== undefined;
  const isKnown = instrument !== undefined && instrument.kind !== "none";
  return isKnown || column !== undefined || quantity.repeats > 1 || begun;
}

/** A table in which nothing says how sure any reading is: no ±, no repeats. Said once three rows are there. */
export function* noUncertainty({
  quantities,
  rows,
}: EvaluatedTable): Steps<readonly PlacedFinding[]> {
  const read = quantities.filter(({ quantity }) => quantity.formula === undefined);
  if (read.some(isStated)) return [];
  const counts = new Map<string, number>();
  for (let at = 0; at < rows.length; at++) {
    const row = rows[at];
    if (row?.lastRepeat) return [];
    for (const { id } of read) {
      const reading = row?.readings[id];
      if (reading?.kind !== "number") continue;
      if (reading.number.uncertainty !== undefined) return [];
      counts.set(id, (counts.get(id) ?? 0) + 1);
    }
    if (at % rowsInAStep === 0) yield;
  }
  return read
    .filter(({ id }) => (counts.get(id) ?? 0) >= leastRows)
    .map(({ id }) => ({ finding: { name: "no-uncertainty" }, quantity: id }));
}
