import type { LineOutcome } from "@/core/fit/lineFit";
import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import type { Figure } from "@/investigation/model/figure";
import { measuredColumn } from "./measured";
import type { EvaluatedQuantity, EvaluatedRow, EvaluatedSeries, EvaluatedTable } from "./table";

/** Lengths of error bars, 0 where there is none. */
export interface BarArrays {
  readonly up: Float64Array;
  readonly down: Float64Array;
}

/** The points of one series: one for each row with a reading of both quantities. */
export interface FigurePoints {
  readonly x: EvaluatedQuantity;
  readonly y: EvaluatedQuantity;
  /** Absent for rows that belong to no series. */
  readonly series?: EvaluatedSeries;
  /** The place of the series in its table, which gives it its marker. */
  readonly place: number;
  readonly rows: readonly EvaluatedRow[];
  readonly xValues: Float64Array;
  readonly yValues: Float64Array;
  readonly xBars: BarArrays;
  readonly yBars: BarArrays;
  /** Points of which a reading is set aside. */
  readonly aside: { readonly x: readonly number[]; readonly y: readonly number[] };
}

/** The points of one series and the best line through them. */
export interface SeriesFit {
  readonly points: FigurePoints;
  readonly outcome: LineOutcome;
}

/** A figure's points and best lines, series by series; there is always at least one, if an empty one. */
export interface FigureFit {
  readonly x: EvaluatedQuantity;
  readonly y: EvaluatedQuantity;
  readonly table: EvaluatedTable;
  readonly groups: readonly SeriesFit[];
}

type Axes = Pick<FigurePoints, "x" | "y" | "series" | "place">;

function gather(all: readonly EvaluatedRow[], axes: Axes): FigurePoints {
  const array = () => new Float64Array(all.length);
  const [xValues, yValues, xUp, xDown, yUp, yDown] = [
    ...[array(), array(), array(), array(), array(), array()],
  ] as [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array, Float64Array];
  const rows: EvaluatedRow[] = [];
  const aside = { x: [] as number[], y: [] as number[] };
  const columns = [measuredColumn(all, axes.x), measuredColumn(all, axes.y)] as const;
  for (let index = 0; index < all.length; index++) {
    const [across, up] = [columns[0][index], columns[1][index]];
    if (!across || !up) continue;
    if (across.aside || up.aside) {
      aside.x.push(across.value);
      aside.y.push(up.value);
      continue;
    }
    const at = rows.length;
    xValues[at] = across.value;
    yValues[at] = up.value;
    xUp[at] = across.bars.up;
    xDown[at] = across.bars.down;
    yUp[at] = up.bars.up;
    yDown[at] = up.bars.down;
    rows.push(all[index] as EvaluatedRow);
  }
  const cut = (values: Float64Array) => values.subarray(0, rows.length);
  return {
    ...axes,
    ...{ rows, aside, xValues: cut(xValues), yValues: cut(yValues) },
    xBars: { up: cut(xUp), down: cut(xDown) },
    yBars: { up: cut(yUp), down: cut(yDown) },
  };
}

function isEmpty({ rows, aside }: FigurePoints): boolean {
  return rows.length === 0 && aside.x.length === 0;
}

function groupsOf(table: EvaluatedTable, x: EvaluatedQuantity, y: EvaluatedQuantity) {
  if (table.series.length === 0) return [gather(table.rows, { x, y, place: 0 })];
  const known = new Set(table.series.map(({ id }) => id));
  const loose = table.rows.filter(({ row }) => !row.series || !known.has(row.series));
  const groups = [
    ...table.series.map((series, place) =>
      gather(
        table.rows.filter(({ row }) => row.series === series.id),
        { x, y, series, place },
      ),
    ),
    gather(loose, { x, y, place: table.series.length }),
  ];
  const filled = groups.filter((points) => !isEmpty(points));
  return filled.length > 0 ? filled : groups.slice(0, 1);
}

/** Gathers a figure's points and fits the ordinary least-squares line of each series; undefined while an axis is empty. */
export function fitFigure(
  tables: readonly EvaluatedTable[],
  figure: Pick<Figure, "x" | "y">,
): FigureFit | undefined {
  for (const table of tables) {
    const x = table.quantities.find(({ id }) => id === figure.x);
    const y = table.quantities.find(({ id }) => id === figure.y);
    if (!x || !y) continue;
    const groups = groupsOf(table, x, y).map((points) => ({
      points,
      outcome: fitOrdinaryLine(points.xValues, points.yValues),
    }));
    return { x, y, table, groups };
  }
  return undefined;
}
