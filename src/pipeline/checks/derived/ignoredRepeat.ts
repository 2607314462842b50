import { symbolName } from "@/core/expression/spelling";
import type { EvaluatedQuantity } from "../../readings/evaluated";
import type { DerivedCheck } from "./derivedLook";

const numbered = /^(.*?)_?(\d+)$/;
const alike = 0.1;
const leastRows = 3;

function stemOf({ quantity }: EvaluatedQuantity): string | undefined {
  return numbered.exec(symbolName(quantity.symbol))?.[1];
}

/** Whether two quantities say nearly the same row by row, as repeats do. */
function agree(
  a: readonly ({ value: number } | undefined)[],
  b: readonly ({ value: number } | undefined)[],
): boolean {
  let count = 0;
  for (let row = 0; row < a.length; row++) {
    const [x, y] = [a[row]?.value, b[row]?.value];
    if (x === undefined || y === undefined) continue;
    if (Math.abs(x - y) > alike * Math.max(Math.abs(x), Math.abs(y))) return false;
    count += 1;
  }
  return count >= leastRows;
}

/** The formula uses t_1, while t_2 beside it reads like its repeat and is left out. */
export const ignoredRepeat: DerivedCheck = ({ column, quantities, valuesOf }) => {
  const used = quantities.filter(({ id }) => column.readings.has(id));
  for (const one of used) {
    const stem = stemOf(one);
    if (!stem) continue;
    const left = quantities.find(
      (other) =>
        other.id !== one.id &&
        other.quantity.formula === undefined &&
        !column.readings.has(other.id) &&
        stemOf(other) === stem &&
        other.quantity.unit === one.quantity.unit &&
        agree(valuesOf(one), valuesOf(other)),
    );
    if (left) {
      const [symbol, beside] = [one.quantity.symbol, left.quantity.symbol];
      return [{ name: "ignores-repeat", symbol, beside }];
    }
  }
  return [];
};
