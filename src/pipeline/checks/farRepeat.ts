import { lastPlace, meanBar } from "@/core/uncertainty/instrumentPart";
import { farthestByDixon } from "@/core/statistics/dixon";
import { studentTFactor } from "@/core/statistics/studentT";
import { measured } from "../readings/measured";
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

/** How many honest tables in a hundred may have a repeat that stands apart by chance, by this test alone. */
const byChance = 0.02;

interface Scatter {
  readonly squares: number;
  readonly freedom: number;
}

function scatterOf(values: readonly number[]): Scatter {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  return { squares, freedom: values.length - 1 };
}

/** The scatter of all rows together, as sizes and as parts of their means. */
function wholeScatter(rows: readonly (readonly number[])[]): readonly [Scatter, Scatter] {
  const pooled = (of: (values: readonly number[]) => readonly number[]) =>
    rows.map(of).map(scatterOf).reduce(
      (sum, one) => ({ squares: sum.squares + one.squares, freedom: sum.freedom + one.freedom }),
      { squares: 0, freedom: 0 },
    ); // prettier-ignore
  const parts = (values: readonly number[]) => {
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    return values.map((value) => value / mean);
  };
  return [pooled((values) => values), pooled(parts)];
}

/**
 * Whether a repeat lies farther from its fellows than all other repeats of the quantity scatter, by Student's t with the
 * level shared out among all repeats: by sizes, and by parts of the mean, for a scatter may grow with what is measured.
 */
function isBeyondOthers(
  values: readonly number[],
  far: number,
  whole: readonly [Scatter, Scatter],
  repeats: number,
): boolean {
  const fellows = values.filter((_, index) => index !== far);
  const mean = fellows.reduce((sum, value) => sum + value, 0) / fellows.length;
  const off = Math.abs((values[far] as number) - mean) / Math.sqrt(1 + 1 / fellows.length);
  const [own, left] = [scatterOf(values), scatterOf(fellows)];
  const rowMean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return whole.every(({ squares, freedom }, index) => {
    const unit = index === 0 ? 1 : Math.abs(rowMean);
    if (!(unit > 0)) return true;
    const others = freedom - own.freedom + left.freedom;
    const rest = Math.max(0, squares - (own.squares - left.squares) / unit ** 2);
    if (others < 1) return false;
    const limit = studentTFactor(1 - byChance / repeats, others);
    return off / unit > limit * Math.sqrt(rest / others);
  });
}

/**
 * A repeat that stands apart from its fellows by Dixon's test at 95 %, by more than the instrument explains, and by more
 * than the repeats of all rows scatter.
 */
export const farRepeat: Check = (quantity, table) => {
  if (quantity.quantity.repeats < 2 && !table.rows.some((row) => row.lastRepeat?.[quantity.id])) {
    return [];
  }
  const readings = readingsOf(quantity, table);
  const rows = [...byRow(readings)].map(([row, repeats]) => {
    return { row, repeats, values: repeats.map(({ number }) => number.value) };
  });
  const whole = wholeScatter(rows.map(({ values }) => values));
  return rows.flatMap(({ row, repeats, values }) => {
    const far = farthestByDixon(values);
    const found = far && repeats[far.index];
    const seen = table.rows[row] && measured(table.rows[row], quantity);
    if (!far || !found || !seen) return [];
    const steps = leastSteps * lastPlace(found.number.decimals);
    if (far.gap <= Math.max(meanBar(seen.instrument), steps)) return [];
    if (!isBeyondOthers(values, far.index, whole, readings.length)) return [];
    const finding = { name: "far-repeat", count: repeats.length, ratio: far.ratio } as const;
    return [{ finding, quantity: quantity.id, row, repeat: found.repeat }];
  });
};
