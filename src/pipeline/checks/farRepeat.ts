import { lastPlace, meanBar } from "@/core/uncertainty/instrumentPart";
import { farthestByDixon } from "@/core/statistics/dixon";
import { measured } from "../measured";
import { type Check, type PlacedReading, readingsOf } from "./check";

/** How many steps of its last digit a repeat must at least stand apart: rounding alone makes gaps. */
const leastSteps = 3;

function byRow(readings: readonly PlacedReading[]): Map<number, PlacedReading[]> {
  const rows = new Map<number, PlacedReading[]>();
  for (const reading of readings) {
    const known = rows.get(reading.row);
    if (known) known.push(reading);
    else rows.set(reading.row, [reading]);
  }
  return rows;
}

/** A repeat that stands apart from its fellows by Dixon's test at 95 %, and by more than the instrument explains. */
export const farRepeat: Check = (quantity, table) => {
  if (quantity.quantity.repeats < 2 && !table.rows.some((row) => row.lastRepeat?.[quantity.id])) {
    return [];
  }
  return [...byRow(readingsOf(quantity, table))].flatMap(([row, repeats]) => {
    const far = farthestByDixon(repeats.map(({ number }) => number.value));
    const found = far && repeats[far.index];
    const whole = table.rows[row] && measured(table.rows[row], quantity);
    if (!far || !found || !whole) return [];
    const explained = Math.max(
      meanBar(whole.instrument),
      leastSteps * lastPlace(found.number.decimals),
    );
    if (far.gap <= explained) return [];
    const finding = { name: "far-repeat", count: repeats.length, ratio: far.ratio } as const;
    return [{ finding, quantity: quantity.id, row, repeat: found.repeat }];
  });
};
