import { valuesOf } from "@/core/fit/curves/curveFit";
import { heightOf } from "@/core/fit/curves/curveModel";
import type { LineFit } from "@/core/fit/lineFit";
import type { FigureSpecification } from "@/figure/specification";
import { type LineChoice, plainAxis, plainLook } from "@/investigation/model/figure";
import { axis, lookOf, type Style } from "./axisOf";
import { bestLine, type LineRules } from "../lines/bestLine";
import type { FigureFit } from "../lines/fit";
import type { FigurePoints } from "../lines/figurePoints";
import { residualsOfCurve, type FittedCurve } from "../curves/fittedCurves";

/** A line or a curve that may be put beside another one. */
export interface Contender {
  readonly id: string;
  readonly kind: "line" | "alike" | "curve";
  /** A curve's name; lines have none. */
  readonly name: string;
  /** Which series it belongs to. */
  readonly series: string;
  readonly points: FigurePoints;
  /** Its height at an x, both in the axes' units. */
  readonly height: (x: number) => number;
  /** How far each of its points lies above it. */
  readonly off: readonly number[];
  readonly line?: LineFit;
}

function lined(
  id: string,
  kind: "line" | "alike",
  series: string,
  points: FigurePoints,
  line: LineFit,
): Contender {
  const height = (x: number) => line.slope * x + line.intercept;
  const off = Array.from(points.xValues, (x, i) => (points.yValues[i] as number) - height(x));
  return { id, kind, name: "", series, points, height, off, line };
}

/** The lines of a figure as they are laid and, where bars count, with every point alike; and its curves. */
export function contenders(
  fit: FigureFit,
  curves: readonly FittedCurve[],
  choice: LineChoice,
  rules: LineRules,
): readonly Contender[] {
  const lines = fit.lines.flatMap(({ key, fitted, outcome }): Contender[] => {
    if (outcome.kind !== "line") return [];
    const laid = lined(`line-${key}`, "line", key, fitted, outcome.line);
    if (choice.weights === "none") return [laid];
    const alike = bestLine(fitted, { ...choice, weights: "none" }, rules);
    return alike.kind === "line"
      ? [laid, lined(`alike-${key}`, "alike", key, fitted, alike.line)]
      : [laid];
  });
  const fitted = curves.map((one): Contender => {
    const { fit: found, order, curve } = one;
    const [model, values] = [heightOf(found.model), valuesOf(found)];
    const { ofX, ofY } = order;
    const height = (x: number) =>
      (model(x * ofX.factor + ofX.offset, values) - ofY.offset) / ofY.factor;
    return {
      id: `curve-${one.id}`,
      kind: "curve",
      name: one.name,
      series: curve.series,
      points: order.points,
      height,
      off: residualsOfCurve(one),
    };
  });
  return [...lines, ...fitted];
}

/** Two contenders with what lies between them. */
export interface SideBySide {
  readonly first: Contender;
  readonly second: Contender;
  /** The x over which both have readings; over which either has, where they share none. */
  readonly from: number;
  readonly to: number;
  readonly shared: boolean;
  /** Second less first, at even places from one end to the other. */
  readonly x: Float64Array;
  readonly difference: Float64Array;
  /** The place of the largest difference, whatever its sign. */
  readonly largest: number;
  /** The root mean square of the points' distances from each. */
  readonly scatter: readonly [number, number];
  /** Slope of the second less that of the first, where both are lines; ± where they are through different readings. */
  readonly slopes?: { readonly difference: number; readonly error?: number };
}

const places = 160;
/** Part of the size of y below which a number is rounding of the arithmetic. */
const noise = 1e-12;

const rootMeanSquare = (values: readonly number[]) =>
  Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / Math.max(1, values.length));

const ends = ({ points: { xValues } }: Contender) =>
  [
    xValues.reduce((a, b) => Math.min(a, b), Infinity),
    xValues.reduce((a, b) => Math.max(a, b), -Infinity),
  ] as const;

function slopesOf(first: Contender, second: Contender): Pick<SideBySide, "slopes"> {
  const [one, other] = [first.line, second.line];
  if (!one || !other) return {};
  const difference = other.slope - one.slope;
  const [a, b] = [one.standardErrorOfSlope, other.standardErrorOfSlope];
  const apart = first.series !== second.series && a !== undefined && b !== undefined;
  return { slopes: { difference, ...(apart && { error: Math.hypot(a, b) }) } };
}

/** What lies between two lines or curves of one figure; undefined where there is no stretch of x to look at. */
export function sideBySide(first: Contender, second: Contender): SideBySide | undefined {
  const [a, b] = [ends(first), ends(second)];
  const shared = Math.max(a[0], b[0]) < Math.min(a[1], b[1]);
  const from = shared ? Math.max(a[0], b[0]) : Math.min(a[0], b[0]);
  const to = shared ? Math.min(a[1], b[1]) : Math.max(a[1], b[1]);
  if (!(from < to)) return undefined;
  const x = Float64Array.from({ length: places + 1 }, (_, i) => from + ((to - from) * i) / places);
  const sizeOfY = first.points.yValues.reduce((most, y) => Math.max(most, Math.abs(y)), 0);
  const quiet = (value: number) => (Math.abs(value) <= noise * sizeOfY ? 0 : value);
  const difference = x.map((at) => quiet(second.height(at) - first.height(at)));
  if (!difference.every(Number.isFinite)) return undefined;
  const size = (i: number) => Math.abs(difference[i] as number);
  const largest = x.reduce((best, _, i) => (size(i) > size(best) ? i : best), 0);
  return {
    first,
    second,
    from,
    to,
    shared,
    x,
    difference,
    largest,
    scatter: [quiet(rootMeanSquare(first.off)), quiet(rootMeanSquare(second.off))],
    ...slopesOf(first, second),
  };
}

const small = { width: 243, height: 150, textSize: 8 };

/** Room over and under a difference that is 0 everywhere. */
const leastPart = 1e-9;

/** The difference of two contenders over x about a level line, for the margin. */
export function differenceFigure(
  { first, from, to, x, difference }: SideBySide,
  label: string,
  style: Style,
): FigureSpecification {
  const { points } = first;
  const low = difference.reduce((a, b) => Math.min(a, b), 0);
  const high = difference.reduce((a, b) => Math.max(a, b), 0);
  const size = points.yValues.reduce((a, b) => Math.max(a, Math.abs(b)), 0);
  const room = Math.max((high - low) * 0.08, size * leastPart);
  const across = axis([points.x.quantity], plainAxis, style.decimalMark);
  const up = axis([points.y.quantity], plainAxis, style.decimalMark);
  const none = { up: [], down: [] };
  return {
    ...small,
    x: { ...across, name: "", range: { kind: "hand", from, to } },
    y: {
      ...up,
      name: label,
      symbol: [],
      range: { kind: "hand", from: low - room, to: high + room },
    },
    series: [
      {
        name: "",
        seriesNumber: 0,
        bands: [],
        points: { x: [], y: [], xBars: none, yBars: none, aside: { x: [], y: [] } },
        lines: [{ role: "zero", slope: 0, intercept: 0 }],
      },
    ],
    curves: [{ id: "difference", name: label, series: 0, x, y: difference }],
    style: { headings: style.headings, decimalMark: style.decimalMark },
    look: lookOf({ ...plainLook, grid: "major" }),
    labels: [],
  };
}
