import { remembered } from "@/remembered/remembered";
import type { LineOutcome } from "@/core/fit/lineFit";
import { type Figure, type LineChoice, plainLine } from "@/investigation/model/figure";
import { readySets } from "@/investigation/model/houseRules";
import { seriesKey, togetherKey } from "@/investigation/model/seriesKey";
import { bestLine, lineNumber, type LineRules } from "./bestLine";
import { type BarArrays, type FigurePoints, together } from "./figurePoints";
import { measuredColumn } from "../readings/measured";
import { withSharedReadings } from "./sharedReadings";
import type { EvaluatedQuantity, EvaluatedRow, EvaluatedTable } from "../table/table";

export type { BarArrays, FigurePoints } from "./figurePoints";

/** The points of one series as they are plotted. */
export interface PlottedSeries {
  /** Which points they are, whatever else the figure shows: its `seriesKey`. */
  readonly key: string;
  readonly points: FigurePoints;
}

/** Points and the best line through them. */
export interface SeriesFit {
  readonly key: string;
  readonly points: FigurePoints;
  /** Those of the points that take part in the line. */
  readonly fitted: FigurePoints;
  readonly outcome: LineOutcome;
  /** The line with every point alike, where it is to be compared with a weighted one. */
  readonly unweighted?: LineOutcome;
}

/** A figure's points and best lines, series by series; there is always at least one, if an empty one. */
export interface FigureFit {
  readonly x: EvaluatedQuantity;
  readonly y: EvaluatedQuantity;
  readonly table: EvaluatedTable;
  /** Further quantities on the same paper; they have the unit of y. */
  readonly also: readonly EvaluatedQuantity[];
  /** Rows that a logarithmic axis can't show. */
  readonly beyondLog: number;
  readonly groups: readonly PlottedSeries[];
  /** The lines: one for each series, a single one over all, or that one behind those. */
  readonly lines: readonly SeriesFit[];
}

type Axes = Pick<FigurePoints, "x" | "y" | "series" | "loose" | "seriesNumber">;

/** Axes that can show nothing at or below 0. */
interface Logarithmic {
  readonly x: boolean;
  readonly y: boolean;
}

function gather(all: readonly EvaluatedRow[], axes: Axes, log: Logarithmic): FigurePoints {
  const array = () => new Float64Array(all.length);
  const [xValues, yValues, xUp, xDown, yUp, yDown] = [
    ...[array(), array(), array(), array(), array(), array()],
  ] as [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array, Float64Array];
  const rows: EvaluatedRow[] = [];
  const unstated: number[] = [];
  const aside = { x: [] as number[], y: [] as number[] };
  const columns = [measuredColumn(all, axes.x), measuredColumn(all, axes.y)] as const;
  for (let index = 0; index < all.length; index++) {
    const [across, up] = [columns[0][index], columns[1][index]];
    if (!across || !up) continue;
    if ((log.x && across.value <= 0) || (log.y && up.value <= 0)) continue;
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
    unstated.push(across.unstated || up.unstated ? 1 : 0);
    rows.push(all[index] as EvaluatedRow);
  }
  const cut = (values: Float64Array) => values.subarray(0, rows.length);
  return {
    ...axes,
    rows,
    aside,
    xValues: cut(xValues),
    yValues: cut(yValues),
    unstated: Uint8Array.from(unstated),
    xBars: { up: cut(xUp), down: cut(xDown) },
    yBars: { up: cut(yUp), down: cut(yDown) },
  };
}

function isEmpty({ rows, aside }: FigurePoints): boolean {
  return rows.length === 0 && aside.x.length === 0;
}

function groupsOf(
  table: EvaluatedTable,
  x: EvaluatedQuantity,
  y: EvaluatedQuantity,
  log: Logarithmic,
): FigurePoints[] {
  if (table.series.length === 0) return [gather(table.rows, { x, y, seriesNumber: 0 }, log)];
  const known = new Set(table.series.map(({ id }) => id));
  const looseRows = table.rows.filter(({ row }) => !row.series || !known.has(row.series));
  const groups = [
    ...table.series.map((series, place) =>
      gather(
        table.rows.filter(({ row }) => row.series === series.id),
        { x, y, series, seriesNumber: place },
        log,
      ),
    ),
    gather(looseRows, { x, y, loose: true, seriesNumber: table.series.length }, log),
  ];
  const filled = groups.filter((points) => !isEmpty(points));
  return filled.length > 0 ? filled : groups.slice(0, 1);
}

/** How many rows a logarithmic axis leaves out. */
function countBeyond(
  { rows }: EvaluatedTable,
  x: EvaluatedQuantity,
  ys: readonly EvaluatedQuantity[],
  log: Logarithmic,
): number {
  if (!log.x && !log.y) return 0;
  const below = (quantity: EvaluatedQuantity, on: boolean) =>
    on
      ? measuredColumn(rows, quantity).map((found) => found !== undefined && found.value <= 0)
      : [];
  const columns = [below(x, log.x), ...ys.map((y) => below(y, log.y))];
  return rows.filter((_, row) => columns.some((column) => column[row] === true)).length;
}

/** The key of the first of a table's series that has readings; "" where there are none. */
export function firstKey({ series, rows }: EvaluatedTable): string {
  const found = series.find(({ id }) => rows.some(({ row }) => row.series === id));
  return seriesKey(found?.id);
}

type Plotted = Pick<Figure, "x" | "y"> & Partial<Pick<Figure, "also" | "axes" | "line">>;

const plainRules: LineRules = readySets["limits-worst-case"];

/** Only the readings of a stretch of x take part in a line or a curve. */
export function withinStretch(
  points: FigurePoints,
  choice: Pick<LineChoice, "from" | "to">,
  rules: LineRules,
): FigurePoints {
  const [from, to] = [lineNumber(choice.from, rules), lineNumber(choice.to, rules)];
  if (from === undefined && to === undefined) return points;
  const taken = Array.from(points.xValues.keys()).filter((i) => {
    const x = points.xValues[i] as number;
    return x >= (from ?? -Infinity) && x <= (to ?? Infinity);
  });
  const part = (values: Float64Array) => Float64Array.from(taken, (i) => values[i] as number);
  const bars = ({ up, down }: BarArrays) => ({ up: part(up), down: part(down) });
  return {
    ...points,
    rows: taken.map((i) => points.rows[i] as EvaluatedRow),
    xValues: part(points.xValues),
    yValues: part(points.yValues),
    xBars: bars(points.xBars),
    yBars: bars(points.yBars),
    unstated: Uint8Array.from(taken, (i) => points.unstated[i] as number),
  };
}

/** The further quantities of a figure that can share its paper: those in the unit of y. */
function alsoPlotted(
  also: Figure["also"] | undefined,
  y: EvaluatedQuantity,
  table: EvaluatedTable,
) {
  const wanted = Object.entries(also ?? {}).sort(([, a], [, b]) => (a < b ? -1 : 1));
  return wanted.flatMap(([id]) => {
    const found = table.quantities.find((quantity) => quantity.id === id);
    return found && found.id !== y.id && found.quantity.unit === y.quantity.unit ? [found] : [];
  });
}

const rowIndices = remembered(
  (rows: readonly EvaluatedRow[]): ReadonlyMap<EvaluatedRow, number> =>
    new Map(rows.map((row, place) => [row, place])),
);

function lineThrough(
  { key, points }: PlottedSeries,
  choice: LineChoice,
  rules: LineRules,
  { rows }: EvaluatedTable,
): SeriesFit {
  const fitted = withinStretch(points, choice, rules);
  const indices = rowIndices(rows);
  const plain = bestLine(fitted, choice, rules);
  const outcome = withSharedReadings(fitted, plain, choice, rules, indices);
  const alike = { ...choice, weights: "none" } as const;
  const compared = choice.compare && choice.weights !== "none";
  return {
    key,
    points,
    fitted,
    outcome,
    ...(compared && { unweighted: bestLine(fitted, alike, rules) }),
  };
}

/** Where only the look of a figure or the ends of its axes change, points and lines stay the same objects. */
const fitting = remembered(
  (
    table: EvaluatedTable,
    x: EvaluatedQuantity,
    y: EvaluatedQuantity,
    wanted: Figure["also"] | undefined,
    choice: LineChoice,
    rules: LineRules,
    logX: boolean,
    logY: boolean,
  ): FigureFit => {
    const also = alsoPlotted(wanted, y, table);
    const log = { x: logX, y: logY };
    const all = [y, ...also].flatMap((one) => groupsOf(table, x, one, log));
    const groups = all.map((found, place): PlottedSeries => ({
      key: seriesKey(found.series?.id, found.y.id === y.id ? undefined : found.y.id),
      points: also.length > 0 ? { ...found, seriesNumber: place } : found,
    }));
    const lined =
      choice.together && groups.length > 1
        ? [
            ...(choice.each ? groups : []),
            { key: togetherKey, points: together(groups.map(({ points }) => points)) },
          ]
        : groups;
    const lines = lined.map((one) => lineThrough(one, choice, rules, table));
    return {
      x,
      y,
      table,
      also,
      groups,
      lines,
      beyondLog: countBeyond(table, x, [y, ...also], log),
    };
  },
);

/** Gathers a figure's points and fits the chosen line to each series; undefined while an axis is empty. */
export function fitFigure(
  tables: readonly EvaluatedTable[],
  figure: Plotted,
  rules: LineRules = plainRules,
): FigureFit | undefined {
  const choice = figure.line ?? plainLine;
  const isLog = (axis: "x" | "y") => figure.axes?.[axis].scale === "log";
  for (const table of tables) {
    const x = table.quantities.find(({ id }) => id === figure.x);
    const y = table.quantities.find(({ id }) => id === figure.y);
    if (!x || !y) continue;
    return fitting(table, x, y, figure.also, choice, rules, isLog("x"), isLog("y"));
  }
  return undefined;
}
