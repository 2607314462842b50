import { derivedCell, isFinding } from "../../derived/derivedCell";
import { partsBy, rowRule } from "../../derived/derivedQuantities";
import type { EvaluatedQuantity } from "../../readings/evaluated";
import type { SlopeCheck } from "./slopeCheck";

/** A common part below this part of the value is lost in rounding. */
const least = 0.0005;

/** The middle one of the constants' part of the ± beside the value, over all rows. */
function commonPartOf(evaluated: EvaluatedQuantity, rule: ReturnType<typeof rowRule>): number {
  const column = evaluated.derived?.column;
  if (!column) return 0;
  const parts: number[] = [];
  for (let row = 0; row < column.rows; row++) {
    const cell = derivedCell(column, row);
    if (!cell || isFinding(cell) || cell.aside || cell.value === 0) continue;
    parts.push(partsBy(rule, cell, column).common / Math.abs(cell.value));
  }
  return parts.sort((a, b) => a - b)[Math.floor(parts.length / 2)] ?? 0;
}

/** Constants in a plotted quantity have a ± that no error box shows: it moves all points together. */
export const commonPart: SlopeCheck = ({ points, rules }) =>
  [points.y, points.x].flatMap((evaluated) => {
    const part = commonPartOf(evaluated, rowRule(rules));
    if (part < least) return [];
    const { symbol } = evaluated.quantity;
    return [{ name: "common-part-of-slope", symbol, percent: 100 * part } as const];
  });
