import type { Check } from "./check";
import { isSetQuantity, rowValues } from "./rowValues";

const leastRows = 5;
/** A gap this many times the middle one leaves a stretch unlooked at. */
const wide = 3;

/** Steps that double, or go 1, 2, 5, 10, are as even as factors differ by no more than this. */
const evenFactors = 1.7;

/** Whether values go on by a factor that stays about the same. */
function isGeometric(values: readonly number[]): boolean {
  if ((values[0] as number) <= 0) return false;
  const factors = values
    .slice(1)
    .map((value, index) => Math.log(value / (values[index] as number)));
  return Math.max(...factors) < evenFactors * Math.min(...factors);
}

/** The set quantity leaves a stretch out: one gap is more than three times the usual one, and it does not go by factors. */
export const unevenGaps: Check = (quantity, table) => {
  if (!isSetQuantity(quantity, table)) return [];
  const values = [...new Set(rowValues(quantity, table).map(({ value }) => value))].sort(
    (a, b) => a - b,
  );
  if (values.length < leastRows || isGeometric(values)) return [];
  const gaps = values.slice(1).map((value, index) => value - (values[index] as number));
  const sorted = [...gaps].sort((a, b) => a - b);
  const usual = sorted[(sorted.length - 1) >> 1] as number;
  const widest = sorted.at(-1) as number;
  if (widest <= wide * usual * (1 + 1e-9)) return [];
  const at = gaps.indexOf(widest);
  const [from, to] = [values[at] as number, values[at + 1] as number];
  const finding = { name: "uneven-gaps", from, to } as const;
  return [{ finding, quantity: quantity.id }];
};
