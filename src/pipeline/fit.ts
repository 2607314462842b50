import type { LineOutcome } from "@/core/fit/lineFit";
import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import type { Figure } from "@/investigation/model/investigation";
import { type EvaluatedQuantity, type EvaluatedTable, measured } from "./table";

/** The points of a figure: one for each row with a reading of both quantities. */
export interface FigurePoints {
  readonly x: EvaluatedQuantity;
  readonly y: EvaluatedQuantity;
  readonly rows: readonly string[];
  readonly xValues: Float64Array;
  readonly yValues: Float64Array;
  /** Half-lengths of the error bars, 0 where there is none. */
  readonly xBars: Float64Array;
  readonly yBars: Float64Array;
  /** Points of which a reading is set aside. */
  readonly aside: { readonly x: readonly number[]; readonly y: readonly number[] };
}

/** A figure's points and the best line through them; undefined while an axis is empty. */
export interface FigureFit {
  readonly points: FigurePoints;
  readonly outcome: LineOutcome;
}

function gather(table: EvaluatedTable, x: EvaluatedQuantity, y: EvaluatedQuantity): FigurePoints {
  const size = table.rows.length;
  const arrays = [0, 1, 2, 3].map(() => new Float64Array(size)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const rows: string[] = [];
  const aside = { x: [] as number[], y: [] as number[] };
  for (const row of table.rows) {
    const across = measured(row, x);
    const up = measured(row, y);
    if (!across || !up) continue;
    if (across.aside || up.aside) {
      aside.x.push(across.value);
      aside.y.push(up.value);
      continue;
    }
    const at = rows.length;
    arrays[0][at] = across.value;
    arrays[1][at] = up.value;
    arrays[2][at] = across.uncertainty;
    arrays[3][at] = up.uncertainty;
    rows.push(row.id);
  }
  const [xValues, yValues, xBars, yBars] = arrays.map((array) => array.subarray(0, rows.length));
  return { x, y, rows, xValues, yValues, xBars, yBars, aside } as FigurePoints;
}

/** Gathers a figure's points from the table and fits the ordinary least-squares line. */
export function fitFigure(table: EvaluatedTable, figure: Figure): FigureFit | undefined {
  const x = table.quantities.find((quantity) => quantity.id === figure.x);
  const y = table.quantities.find((quantity) => quantity.id === figure.y);
  if (!x || !y) return undefined;
  const points = gather(table, x, y);
  return { points, outcome: fitOrdinaryLine(points.xValues, points.yValues) };
}
