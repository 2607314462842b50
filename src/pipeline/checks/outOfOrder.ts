import type { Check } from "./check";
import { isSetQuantity, rowValues } from "./rowValues";

const leastRows = 5;

function isRising(values: readonly number[], without: number): boolean {
  let last = -Infinity;
  return values.every((value, index) => {
    if (index === without) return true;
    const rising = value > last;
    last = value;
    return rising;
  });
}

/** The one value without which all others rise; undefined where none or more than one stands in the way. */
function breaker(values: readonly number[]): number | undefined {
  const drop = values.findIndex(
    (value, index) => index > 0 && value <= (values[index - 1] as number),
  );
  if (drop < 0) return undefined;
  return [drop, drop - 1].find((index) => isRising(values, index));
}

/** Rows in rising or falling order but for one: a slip in that one, or a row in the wrong place. */
export const outOfOrder: Check = (quantity, table) => {
  if (!isSetQuantity(quantity, table) || table.series.length > 0) return [];
  const found = rowValues(quantity, table);
  if (found.length < leastRows) return [];
  const values = found.map(({ value }) => value);
  const falling = (values[0] as number) > (values.at(-1) as number);
  const at = breaker(falling ? values.map((value) => -value) : values);
  const row = at === undefined ? undefined : found[at]?.row;
  return row === undefined
    ? []
    : [{ finding: { name: "out-of-order" }, quantity: quantity.id, row }];
};
