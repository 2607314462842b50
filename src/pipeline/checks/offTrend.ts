import type { Check, Mark } from "./check";
import { rowValues } from "./rowValues";

/** Between these a value is "ten times" too large. */
const [least, greatest] = [6.5, 15];
/** Neighbours further apart than this have no trend to be off. */
const steady = 3.5;

function isTen(ratio: number): boolean {
  return ratio > least && ratio < greatest;
}

/** What the two nearest fellows let expect at a place: their geometric mean, or on along them at an end. */
function expected(values: readonly number[], at: number): number | undefined {
  const first = at === 0;
  const last = at === values.length - 1;
  const near = values[first ? at + 1 : at - 1] as number;
  const far = values[first ? at + 2 : last ? at - 2 : at + 1] as number;
  if (near <= 0 || far <= 0 || near / far > steady || far / near > steady) return undefined;
  return first || last ? (near * near) / far : Math.sqrt(near * far);
}

/** A value about ten times off its neighbours' trend: a slipped decimal point. Sizes only; a wrong sign is another slip. */
export const offTrend: Check = (quantity, table) => {
  const found = rowValues(quantity, table);
  if (found.length < 4) return [];
  const sizes = found.map(({ value }) => Math.abs(value));
  const marks: Mark[] = [];
  found.forEach(({ row }, index) => {
    const trend = expected(sizes, index);
    const size = sizes[index] as number;
    if (trend === undefined || size === 0) return;
    if (!isTen(size / trend) && !isTen(trend / size)) return;
    marks.push({
      finding: { name: "off-trend", larger: size > trend },
      quantity: quantity.id,
      row,
    });
  });
  return marks;
};
