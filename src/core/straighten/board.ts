import { type Straightness, straightnessOf } from "./straightness";
import type { Transformed, TransformId } from "./transforms";

/** One small figure of the board. */
export interface BoardCell {
  readonly across: Transformed;
  readonly up: Transformed;
  /** Undefined where too few points can be shown. */
  readonly straightness: Straightness | undefined;
}

export interface Board {
  readonly across: readonly Transformed[];
  readonly up: readonly Transformed[];
  /** Row by row, one row for each transform of y. */
  readonly rows: readonly (readonly BoardCell[])[];
  /** The straightest pair that is not the same as another by name only. */
  readonly straightest: { readonly x: TransformId; readonly y: TransformId } | undefined;
}

/** Simpler transforms stand before others that are as straight. */
const plainness: Readonly<Record<TransformId, number>> = {
  "1": 0,
  "2": 1,
  "-1": 1.2,
  "0.5": 1.5,
  "3": 1.6,
  ln: 2,
  "-2": 2,
  "1.5": 3.2,
  "-0.5": 3.4,
  log: 2.7,
  own: 1,
};

/** Below this a bend is what chance alone makes. */
export const straightBend = 2;

/** How bent a pair is: by its curve, or by how far its line lies outside the bars. */
function bentBy({ bend, misfit }: Straightness): number {
  return Math.max(bend, misfit ?? 0);
}

/** Whether bars, or scatter where there are none, explain all that a pair's points lie off its line. */
export function isStraight(straightness: Straightness | undefined): boolean {
  return straightness !== undefined && bentBy(straightness) < straightBend;
}

/** All pairs of two columns' transforms, each with its line and how straight it is. */
export function boardOf(
  across: readonly Transformed[],
  up: readonly Transformed[],
  part: number,
): Board {
  const rows = up.map((y) =>
    across.map((x): BoardCell => ({ across: x, up: y, straightness: straightnessOf(x, y, part) })),
  );
  const fullest = Math.max(0, ...rows.flat().map(({ straightness }) => straightness?.count ?? 0));
  const judged = rows.flat().flatMap(({ across: x, up: y, straightness }) => {
    if (!straightness || straightness.count < fullest) return [];
    const bend = Math.max(1, bentBy(straightness));
    return [{ x: x.id, y: y.id, cost: Math.log(bend) * 4 + plainness[x.id] + plainness[y.id] }];
  });
  const [best] = judged.sort((a, b) => a.cost - b.cost);
  return { across, up, rows, straightest: best && { x: best.x, y: best.y } };
}

/** Pairs that can be judged, the straightest first. */
export function byStraightness(cells: readonly BoardCell[]): BoardCell[] {
  const bend = ({ straightness }: BoardCell) => (straightness ? bentBy(straightness) : Infinity);
  return cells.filter(({ straightness }) => straightness).sort((a, b) => bend(a) - bend(b));
}
