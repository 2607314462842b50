import { symbolName } from "@/core/expression/spelling";
import type { WorkedOutUnit } from "@/core/expression/unitOf";
import { countsAsTyped, readTheory } from "@/core/straighten/theory";
import type { EvaluatedQuantity } from "../readings/evaluated";
import type { LineFit } from "@/core/fit/lineFit";
import type { RangeLine } from "@/core/fit/slopeRange";
import type { Finding } from "@/core/finding/finding";
import type { JointInputs } from "@/core/result/jointUncertainty";
import type { Figure } from "@/investigation/model/figure";
import type { Result } from "@/investigation/model/result";
import { bestLine } from "../lines/bestLine";
import { fitFigure, type SeriesFit } from "../lines/fit";
import { type LineRange, type RangedLine, rangeOfLine } from "../lines/lineRange";
import { logShift } from "./logShift";
import { sizesOf, statedLine, type StatedLine } from "../lines/statedLine";
import type { EvaluatedTable } from "../table/table";
import { dependencesOf } from "../lines/commonInputs";
import {
  axisUnit,
  nothing,
  type ResultContext,
  slopeUnit,
  type SourceOutcome,
  unitText,
} from "./source";

/** The line that a result is taken from, with everything around it. */
export interface FoundLine {
  readonly figure: Figure;
  readonly table: EvaluatedTable;
  readonly one: SeriesFit;
  readonly line: LineFit;
  readonly range: LineRange | undefined;
}

/** The best line of one series of a figure, or why there is none; another series' line never stands in for it. */
export function foundLine(
  figureId: string | null,
  series: string,
  { document, tables, rules }: ResultContext,
): FoundLine | Finding {
  const figure = figureId === null ? undefined : document.figures[figureId];
  const fit = figure && fitFigure(tables, figure, rules);
  if (!figure || !fit) return { name: "result-without-figure" };
  const one = fit.lines.find(({ key }) => key === series);
  if (!one) return { name: "result-without-series" };
  if (one.outcome.kind === "no-line") return one.outcome.finding;
  const range = rangeOfLine(figure, one, rules);
  return { figure, table: fit.table, one, line: one.outcome.line, range };
}

/** The key of the first line that a figure has now; "" where it has none. */
export function firstSeries(figureId: string | null, { document, tables, rules }: ResultContext) {
  const figure = figureId === null ? undefined : document.figures[figureId];
  return (figure && fitFigure(tables, figure, rules))?.lines[0]?.key ?? "";
}

interface Spread {
  readonly spread: JointInputs["spread"];
  readonly remarks: readonly Finding[];
}

function byErrors(line: LineFit): Spread {
  const { standardErrorOfSlope: a, standardErrorOfIntercept: b, covariance = 0 } = line;
  if (a === undefined && b === undefined) {
    return { spread: { kind: "unknown" }, remarks: [{ name: "result-without-uncertainty" }] };
  }
  const matrix = [
    [(a ?? 0) ** 2, covariance],
    [covariance, (b ?? 0) ** 2],
  ];
  return { spread: { kind: "covariance", matrix }, remarks: [] };
}

/** Slope and intercept over all lines that are allowed; for statistics, t times the standard errors. */
function byRange(line: LineFit, range: RangedLine, best: RangeLine): Spread {
  if (range.factor !== undefined) {
    const { spread, remarks } = byErrors(line);
    if (spread.kind !== "covariance") return { spread, remarks };
    const scale = range.factor ** 2;
    const matrix = spread.matrix.map((row) => row.map((part) => part * scale));
    return { spread: { kind: "covariance", matrix }, remarks };
  }
  const from = ({ slope, intercept }: RangeLine) => [
    slope - best.slope,
    intercept - best.intercept,
  ];
  const { steepest, shallowest, halfOfIntercept, halfBetweenIntercepts } = range;
  const turn = [
    (steepest.slope - shallowest.slope) / 2,
    (steepest.intercept - shallowest.intercept) / 2,
  ];
  const wider = Math.sqrt(Math.max(0, halfOfIntercept ** 2 - halfBetweenIntercepts ** 2));
  const directions = [turn, [0, wider]].filter((one) => one.some((part) => part !== 0));
  const corners = range.corners.map(from);
  return { spread: { kind: "corners", corners, directions }, remarks: [] };
}

/** How sure slope and intercept are together, as the line is stated. */
function spreadOf(line: LineFit, { by, range, own, line: best }: StatedLine): Spread {
  if (range) return byRange(line, range, best);
  const quiet = own.ofIntercept === 0 ? { standardErrorOfIntercept: 0, covariance: 0 } : {};
  const { spread, remarks } = byErrors({ ...line, ...quiet });
  const instead = by === "error-instead" && remarks.length === 0;
  return { spread, remarks: instead ? [{ name: "error-instead-of-range" }] : remarks };
}

type Rows = readonly (readonly number[])[];

/** Slope and intercept after a linear change of both: M v, with M C Mᵀ or M shift. */
function changed(joint: JointInputs, rows: Rows): JointInputs {
  const dot = (a: readonly number[], b: readonly number[]) =>
    a.reduce((sum, part, i) => sum + part * (b[i] as number), 0);
  const { spread } = joint;
  const values = rows.map((row) => dot(row, joint.values));
  switch (spread.kind) {
    case "unknown":
      return { ...joint, values };
    case "shift":
      return {
        ...joint,
        values,
        spread: { kind: "shift", shift: rows.map((row) => dot(row, spread.shift)) },
      };
    case "corners": {
      const all = (of: Rows) => of.map((one) => rows.map((row) => dot(row, one)));
      const { corners, directions } = spread;
      return {
        ...joint,
        values,
        spread: { kind: "corners", corners: all(corners), directions: all(directions) },
      };
    }
    case "covariance": {
      const { matrix } = spread;
      const halfway = rows.map((row) => matrix.map((column) => dot(row, column)));
      const both = halfway.map((left) => rows.map((row) => dot(left, row)));
      return { ...joint, values, spread: { kind: "covariance", matrix: both } };
    }
  }
}

/** Where the zero of an axis lies for a theory: at 0 K, unless it counts the temperature as it was typed. */
function zeroOf(x: EvaluatedQuantity, { offset }: WorkedOutUnit, { document }: ResultContext) {
  const read = readTheory(document.theory);
  const typed = read.kind === "theory" && countsAsTyped(read.theory, symbolName(x.quantity.symbol));
  return typed ? 0 : offset;
}

/** Slope and intercept as they are printed before they are worked with, in the units of the figure. */
function shownOf(
  { line, ofSlope, ofIntercept }: StatedLine,
  perUnit: number,
  raised: number,
  [slopeIn, interceptIn]: readonly [string, string],
) {
  return [
    {
      name: "slope",
      unit: slopeIn,
      value: line.slope * perUnit,
      size: ofSlope * perUnit,
    },
    {
      name: "intercept",
      unit: interceptIn,
      value: line.intercept + raised,
      size: ofIntercept,
    },
  ];
}

/**
 * Slope and intercept of a figure's line, by the names "slope" and "intercept". For a theory, which counts
 * temperatures in K, the intercept of an axis in °C is taken at 0 K.
 */
export function lineSource(result: Result, context: ResultContext): SourceOutcome {
  const { source } = result;
  const found = foundLine(source.of, source.series, context);
  if ("name" in found) return nothing(found);
  const { figure, table, one, line } = found;
  const { x, y } = one.fitted;
  const [ofX, ofY] = [axisUnit(x), axisUnit(y)];
  if (!ofX || !ofY) {
    return nothing({ name: "unit-not-understood", symbol: (ofX ? y : x).quantity.symbol });
  }
  const { factor: up = 1 } = ofY;
  const scale = up / (ofX.factor ?? 1);
  const byTheory = result.by === "theory";
  const origin = byTheory ? zeroOf(x, ofX, context) + logShift(x, table) : 0;
  const raised = byTheory ? logShift(y, table) : 0;
  const toSi: Rows = [
    [scale, 0],
    [-scale * origin, up],
  ];
  const stated = statedLine(found, context.rules, result.uses);
  const { spread, remarks } = spreadOf(line, stated);
  const inSi = ({ slope, intercept }: RangeLine, as: JointInputs["spread"]): JointInputs => {
    const plain = { names: ["slope", "intercept"], values: [slope, intercept], spread: as };
    const { values, ...rest } = changed(plain, toSi);
    return { ...rest, values: [values[0] as number, (values[1] as number) + ofY.offset + raised] };
  };
  const inSiSizes = sizesOf(one.fitted).map((size, i) => size * (i === 0 ? scale : up));
  const ofSlopeUnit = slopeUnit(ofY, ofX);
  const by = ofX.offset === 0 ? raised - scale * origin * stated.line.slope : 0;
  const perUnit =
    Math.abs(ofSlopeUnit.factor ?? 1) === scale ? 1 : scale / (ofSlopeUnit.factor ?? 1);
  return {
    kind: "numbers",
    key: `line/${source.of}/${source.series}/${stated.by}/${origin}`,
    remarks,
    joint: inSi(stated.line, spread),
    ...(ofX.offset !== 0 && ofY.offset === 0 && origin === 0 && { across: ofX }),
    units: [ofSlopeUnit, ofY],
    dependences: dependencesOf(
      one.fitted,
      table,
      (points) => {
        const moved = bestLine(points, figure.line, context.rules);
        return moved.kind === "line" ? inSi(moved.line, { kind: "unknown" }).values : undefined;
      },
      { withColumns: stated.by !== "range", sizes: inSiSizes },
    ),
    shown: shownOf(stated, perUnit, by / up, [unitText(ofSlopeUnit), y.quantity.unit]),
    ...(by !== 0 && {
      logShift: { intercept: stated.line.intercept, size: stated.ofIntercept, by },
    }),
    about: source.kind === "intercept" ? "intercept" : "slope",
  };
}
