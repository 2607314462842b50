import type { Check, PlacedFinding } from "./check";
import { bySeries, rowValues } from "./rowValues";

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

/** How much nearer to the trend a value must be once its point is moved. */
const nearer = 0.4;

/** Where smooth curves through up to four neighbours pass: between them one, beyond an end a straight one and a bent one. */
function smooth(values: readonly number[], at: number): readonly number[] {
  const last = values.length - 1;
  const of = (place: number) => values[place] as number;
  if (at > 1 && at < last - 1) {
    return [(4 * (of(at - 1) + of(at + 1)) - of(at - 2) - of(at + 2)) / 6];
  }
  const on = at <= 1 ? 1 : -1;
  if (at === 0 || at === last) {
    const [a, b, c] = [of(at + on), of(at + 2 * on), of(at + 3 * on)];
    return [2 * a - b, 3 * a - 3 * b + c];
  }
  return [of(at - on) / 3 + of(at + on) - of(at + 2 * on) / 3];
}

/** Whether a moved point brings a value back to its trend: a blank near 0 and the lowest of a curve are no slips. */
function isSlip(values: readonly number[], at: number, larger: boolean): boolean {
  const value = values[at] as number;
  const moved = larger ? value / 10 : value * 10;
  return smooth(values, at).every(
    (wanted) => Math.abs(moved - wanted) < nearer * Math.abs(value - wanted),
  );
}

/** A value about ten times off its neighbours' trend, and on it with its point moved; a wrong sign is another slip. */
export const offTrend: Check = (quantity, table) =>
  bySeries(rowValues(quantity, table), table).flatMap((found) => {
    if (found.length < 4) return [];
    const values = found.map(({ value }) => value);
    const sizes = values.map(Math.abs);
    return found.flatMap(({ row }, index): PlacedFinding[] => {
      const trend = expected(sizes, index);
      const size = sizes[index] as number;
      if (trend === undefined || size === 0) return [];
      if (!isTen(size / trend) && !isTen(trend / size)) return [];
      const larger = size > trend;
      if (!isSlip(values, index, larger)) return [];
      return [{ finding: { name: "off-trend", larger }, quantity: quantity.id, row }];
    });
  });
