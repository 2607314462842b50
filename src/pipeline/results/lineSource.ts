import type { LineFit } from "@/core/fit/lineFit";
import type { Finding } from "@/core/finding/finding";
import type { JointInputs } from "@/core/result/jointUncertainty";
import type { Figure } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Result } from "@/investigation/model/result";
import { bestLine } from "../bestLine";
import { fitFigure, type SeriesFit } from "../fit";
import { type LineRange, rangeOfLine } from "../lineRange";
import type { EvaluatedTable } from "../table";
import { dependencesOf } from "./commonInputs";
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

/** Whether half the slope range stands for the ± of a line, or the standard error. */
export function usesRange({ uses }: Pick<Result, "uses">, rules: HouseRules): boolean {
  return uses === "house" ? rules.uncertaintyMeans === "limit" : uses === "range";
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

/** Slope and intercept of half the range, signed: where the line turns up its intercept usually sinks. */
function byRange(line: LineFit, range: LineRange | undefined): Spread {
  if (range?.kind !== "range") {
    const { spread, remarks } = byErrors(line);
    const instead: Finding = { name: "error-instead-of-range" };
    return { spread, remarks: remarks.length > 0 ? remarks : [instead] };
  }
  const { steepest, shallowest, halfOfSlope, halfOfIntercept } = range;
  const turn = Math.sign(steepest.slope - shallowest.slope) || 1;
  const sink = Math.sign(steepest.intercept - shallowest.intercept) * turn || 1;
  return { spread: { kind: "shift", shift: [halfOfSlope, sink * halfOfIntercept] }, remarks: [] };
}

function sizesOf(spread: JointInputs["spread"]): readonly [number, number] {
  if (spread.kind === "shift") return spread.shift.map(Math.abs) as [number, number];
  if (spread.kind === "unknown") return [0, 0];
  return [Math.sqrt(spread.matrix[0]?.[0] ?? 0), Math.sqrt(spread.matrix[1]?.[1] ?? 0)];
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
        ...{ ...joint, values },
        spread: { kind: "shift", shift: rows.map((row) => dot(row, spread.shift)) },
      };
    case "covariance": {
      const { matrix } = spread;
      const halfway = rows.map((row) => matrix.map((column) => dot(row, column)));
      const both = halfway.map((left) => rows.map((row) => dot(left, row)));
      return { ...joint, values, spread: { kind: "covariance", matrix: both } };
    }
  }
}

/**
 * Slope and intercept of a figure's line, by the names "slope" and "intercept". For a theory, which counts
 * temperatures in K, the intercept of an axis in °C is taken at 0 K.
 */
export function lineSource(result: Result, context: ResultContext): SourceOutcome {
  const { source } = result;
  const found = foundLine(source.of, source.series, context);
  if ("name" in found) return nothing(found);
  const { figure, table, one, line, range } = found;
  const { x, y } = one.fitted;
  const [ofX, ofY] = [axisUnit(x), axisUnit(y)];
  if (!ofX || !ofY) {
    return nothing({ name: "unit-not-understood", symbol: (ofX ? y : x).quantity.symbol });
  }
  const { factor: up = 1 } = ofY;
  const scale = up / (ofX.factor ?? 1);
  const origin = result.by === "theory" ? ofX.offset : 0;
  const toSi: Rows = [
    [scale, 0],
    [-scale * origin, up],
  ];
  const ranged = usesRange(result, context.rules);
  const { spread, remarks } = ranged ? byRange(line, range) : byErrors(line);
  const [ofSlope, ofIntercept] = sizesOf(spread);
  const inSi = ({ slope, intercept }: LineFit, as: JointInputs["spread"]): JointInputs => {
    const plain = { names: ["slope", "intercept"], values: [slope, intercept], spread: as };
    const { values, ...rest } = changed(plain, toSi);
    return { ...rest, values: [values[0] as number, (values[1] as number) + ofY.offset] };
  };
  const ofSlopeUnit = slopeUnit(ofY, ofX);
  return {
    ...{ kind: "numbers", key: `line/${source.of}/${source.series}/${ranged}/${origin}`, remarks },
    joint: inSi(line, spread),
    units: [ofSlopeUnit, ofY],
    dependences: dependencesOf(one.fitted, table, (points) => {
      const moved = bestLine(points, figure.line, context.rules);
      return moved.kind === "line" ? inSi(moved.line, { kind: "unknown" }).values : undefined;
    }),
    shown: [
      { name: "slope", value: line.slope, size: ofSlope, unit: unitText(ofSlopeUnit) },
      { name: "intercept", value: line.intercept, size: ofIntercept, unit: y.quantity.unit },
    ],
    about: source.kind === "intercept" ? "intercept" : "slope",
  };
}
