import { derivedCell, isFinding } from "../derived/derivedCell";
import type { EvaluatedQuantity } from "../readings/evaluated";
import type { FigurePoints } from "./figurePoints";
import type { EvaluatedTable } from "../table/table";

/** Something that a plotted quantity has in common in all rows: a constant, or a whole-column function. */
export interface CommonInput {
  readonly key: string;
  /** The constant's id, or the text of the whole-column function. */
  readonly id: string;
  readonly kind: "constant" | "column";
  /** Its ±, in SI units. */
  readonly size: number;
}

/** How the numbers of a source move with something common: ∂number/∂common, in SI units. */
export interface Dependence {
  readonly common: CommonInput;
  readonly slopes: readonly number[];
}

/** How far a common input moves each point of a series, for one ± of it; in the units of the axes. */
interface Moved {
  readonly common: CommonInput;
  readonly x: Float64Array;
  readonly y: Float64Array;
}

interface Along {
  readonly common: CommonInput;
  /** ∂value/∂common by row of the table, in the shown unit of the quantity per SI unit of the common input. */
  readonly slopes: readonly number[];
}

/**
 * What the rows of a quantity have in common, with the slope of each row along it: constants, and where they are asked
 * for whole-column functions, whose readings the bars of each row count already.
 */
export function commonAlong(evaluated: EvaluatedQuantity, withColumns = false): readonly Along[] {
  const column = evaluated.derived?.column;
  if (!column) return [];
  const { factor } = column.formula.shown;
  return column.variables.flatMap(({ key, id, kind }, index): Along[] => {
    if (kind === "reading" || (kind === "column" && !withColumns)) return [];
    let size = 0;
    const slopes = Array.from({ length: column.rows }, (_, row) => {
      const cell = derivedCell(column, row);
      if (!cell || isFinding(cell)) return 0;
      size = Math.max(size, cell.sizes[index] ?? 0);
      return (cell.slopes[index] ?? 0) / factor;
    });
    return size > 0 ? [{ common: { key, id, kind, size }, slopes }] : [];
  });
}

/** Every common input that moves the points, with how far one ± of it moves each. */
function movesOf(
  points: FigurePoints,
  table: EvaluatedTable,
  withColumns: boolean,
): readonly Moved[] {
  const places = new Map(table.rows.map((row, index) => [row, index]));
  const found = new Map<string, Moved>();
  for (const axis of ["x", "y"] as const) {
    for (const { common, slopes } of commonAlong(points[axis], withColumns)) {
      const flat = () => new Float64Array(points.rows.length);
      const moved = found.get(common.key) ?? { common, x: flat(), y: flat() };
      points.rows.forEach((row, i) => {
        moved[axis][i] = (slopes[places.get(row) ?? -1] ?? 0) * common.size;
      });
      found.set(common.key, moved);
    }
  }
  return [...found.values()];
}

/** Part of its size below which a change of a number is rounding of the arithmetic. */
const rounding = 1e-12;

interface DependenceOptions {
  /** Also whole-column functions: where the scatter tells how sure the fit is, it knows nothing of them. */
  readonly withColumns?: boolean;
  /** How large each number could be, where it may itself be near 0. */
  readonly sizes?: readonly number[];
}

/**
 * How numbers of a fit depend on what all points have in common (calculation § 3: a constant's ± moves the whole line).
 * All points are moved by one ± of it up and down, and fitted anew.
 * @param fitted the numbers of a fit, in SI units; undefined where there is none.
 */
export function dependencesOf(
  points: FigurePoints,
  table: EvaluatedTable,
  fitted: (points: FigurePoints) => readonly number[] | undefined,
  { withColumns = false, sizes = [] }: DependenceOptions = {},
): readonly Dependence[] {
  return movesOf(points, table, withColumns).flatMap(({ common, x, y }): Dependence[] => {
    const shifted = (sign: number): FigurePoints => ({
      ...points,
      xValues: points.xValues.map((value, i) => value + sign * (x[i] as number)),
      yValues: points.yValues.map((value, i) => value + sign * (y[i] as number)),
    });
    const [up, down] = [fitted(shifted(1)), fitted(shifted(-1))];
    if (!up || !down) return [];
    const slopes = up.map((value, i) => {
      const change = value - (down[i] as number);
      const noise = rounding * Math.max(Math.abs(value), sizes[i] ?? 0);
      return Math.abs(change) <= noise ? 0 : change / (2 * common.size);
    });
    return [{ common, slopes }];
  });
}
