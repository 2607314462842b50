import type { Check } from "./check";
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
  const pairs: readonly (readonly [number, number])[] = [
    [at - 1, at + 1],
    [at + 1, at + 2],
    [at - 1, at - 2],
  ];
  for (const [near, far] of pairs) {
    const [a, b] = [values[near], values[far]];
    if (a === undefined || b === undefined) continue;
    if (a <= 0 || b <= 0 || a / b > steady || b / a > steady) return undefined;
    return near < at && far > at ? Math.sqrt(a * b) : (a * a) / b;
  }
  return undefined;
}

/** A value about ten times off its neighbours' trend: a slipped decimal point. Sizes only; a wrong sign is another slip. */
export const offTrend: Check = (quantity, table) => {
  const found = rowValues(quantity, table);
  if (found.length < 4) return [];
  const sizes = found.map(({ value }) => Math.abs(value));
  return found.flatMap(({ row }, index) => {
    const trend = expected(sizes, index);
    const size = sizes[index] as number;
    if (trend === undefined || size === 0) return [];
    if (!isTen(size / trend) && !isTen(trend / size)) return [];
    return [
      {
        finding: { name: "off-trend", larger: size > trend },
        ...{ quantity: quantity.id, row },
      },
    ];
  });
};
