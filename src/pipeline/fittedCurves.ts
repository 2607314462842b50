import { type CurveFit, type CurveOutcome, valuesOf } from "@/core/fit/curves/curveFit";
import { heightOf } from "@/core/fit/curves/curveModel";
import { fitCurve } from "@/core/fit/curves/fitCurve";
import { drawnHeights } from "@/core/fit/curves/readCurve";
import { fitFamily } from "@/core/fit/families/fitFamily";
import { layFrame } from "@/figure/layout/frame";
import type { CurveSpecification, FigureSpecification } from "@/figure/specification";
import type { Curve } from "@/investigation/model/curve";
import type { LineChoice } from "@/investigation/model/figure";
import type { Style } from "./axisOf";
import { lineNumber, type LineRules } from "./bestLine";
import type { CurveOrder } from "./curveOrder";
import { levelOf } from "./figureLines";
import { offAxis } from "./offLineFigure";

/** A curve of a figure with what its fit gave. */
export interface FittedCurve {
  readonly id: string;
  readonly curve: Curve;
  readonly order: CurveOrder;
  readonly fit: CurveFit;
  /** What it is called: "parabola", or the formula of one's own. */
  readonly name: string;
}

/** Fits what was ordered; telling how far it is. */
export function fitOrder(
  { family, model, x, y, deviations, wishes }: Omit<CurveOrder, "points" | "units">,
  onProgress?: (part: number) => void,
): CurveOutcome {
  const options = { deviations, wishes, ...(onProgress && { onProgress }) };
  return family ? fitFamily(family, x, y, options) : fitCurve(model, x, y, options);
}

/** Part of the size of y below which a scatter is rounding of the arithmetic. */
const noise = 1e-13;

/** The standard deviation of the points off a curve, in the unit of y; 0 where it is rounding alone. */
export function scatterOff({ fit, order }: Pick<FittedCurve, "fit" | "order">): number | undefined {
  const { residualStandardDeviation } = fit;
  if (residualStandardDeviation === undefined) return undefined;
  const size = order.y.reduce((most, y) => Math.max(most, Math.abs(y)), 0);
  const found = residualStandardDeviation <= noise * size ? 0 : residualStandardDeviation;
  return found / order.ofY.factor;
}

const places = 300;

/** What a new reading scatters by: the scatter about the curve, or the root mean square of the bars that counted. */
function scatterOf({ order: { deviations }, fit }: FittedCurve): number | undefined {
  if (!deviations) return fit.residualStandardDeviation;
  return Math.sqrt(deviations.reduce((sum, bar) => sum + bar * bar, 0) / deviations.length);
}

/** From where to where a curve is drawn, in the axes' units. */
export function stretchOf(
  { curve, order }: Pick<FittedCurve, "curve" | "order">,
  paper: readonly [number, number],
  rules: LineRules,
): readonly [number, number] {
  const { xValues } = order.points;
  const data = [
    xValues.reduce((a, b) => Math.min(a, b), Infinity),
    xValues.reduce((a, b) => Math.max(a, b), -Infinity),
  ] as const;
  if (curve.reach === "data") return data;
  if (curve.reach === "paper") return paper;
  const from = lineNumber(curve.drawnFrom, rules) ?? data[0];
  const to = lineNumber(curve.drawnTo, rules) ?? data[1];
  return [Math.max(from, paper[0]), Math.min(to, paper[1])];
}

/** The curve at many places of its stretch, evenly spaced on the paper. */
function drawn(one: FittedCurve, figure: FigureSpecification, level: number, rules: LineRules) {
  const frame = layFrame(figure);
  const [from, to] = stretchOf(one, [frame.xScale.from, frame.xScale.to], rules);
  const [start, end] = [frame.across(from), frame.across(to)];
  const x = Float64Array.from({ length: places + 1 }, (_, i) =>
    i === 0 ? from : i === places ? to : frame.xAt(start + ((end - start) * i) / places),
  );
  const { ofX, ofY } = one.order;
  const inModel = x.map((value) => value * ofX.factor + ofX.offset);
  const heights = drawnHeights(one.fit, inModel, level, scatterOf(one));
  const half = (all: Float64Array | undefined) => all?.map((value) => value / ofY.factor);
  return {
    ...{ x, y: heights.y.map((value) => (value - ofY.offset) / ofY.factor) },
    ...{ confidence: half(heights.confidence), prediction: half(heights.prediction) },
  };
}

/** How far each point lies above the curve, in the unit of y. */
export function offCurve({ fit, order }: FittedCurve): readonly number[] {
  const height = heightOf(fit.model);
  const at = valuesOf(fit);
  return Array.from(
    order.y,
    (value, i) => (value - height(order.x[i] as number, at)) / order.ofY.factor,
  );
}

/** The strip of how far the points are off a curve; its bars are those of y. */
function stripOff(one: FittedCurve, { strip }: Pick<LineChoice, "strip">, style: Style) {
  const { points } = one.order;
  const { up, down } = points.yBars;
  const bars = up.map((bar, i) => (bar + (down[i] as number)) / 2);
  const inBars = strip === "bars" && bars.every((bar) => bar > 0);
  const off = offCurve(one).map((value, i) => (inBars ? value / (bars[i] as number) : value));
  const long = inBars ? bars.map(() => 1) : bars;
  const flat = new Float64Array(off.length);
  return {
    y: offAxis(points, style, inBars),
    series: [
      {
        ...{ name: "", place: points.place, bands: [] },
        points: {
          ...{ x: points.xValues, y: off, aside: { x: [], y: [] } },
          ...{ xBars: { up: flat, down: flat }, yBars: { up: long, down: long } },
        },
        lines: [{ role: "zero", slope: 0, intercept: 0 } as const],
      },
    ],
  };
}

const placeOf = (key: string, { series }: FigureSpecification) =>
  Math.max(0, series.findIndex((one) => one.key === key)); // prettier-ignore

/** A figure with its curves drawn on it; where no line is drawn the strip is about the first curve. */
export function withCurves(
  figure: FigureSpecification,
  curves: readonly FittedCurve[],
  choice: LineChoice,
  style: Style,
): FigureSpecification {
  const shown = curves.filter(({ curve }) => curve.shown);
  const [first] = shown;
  if (!first) return figure;
  const about = choice.strip !== "none" && !choice.best;
  const room = about ? { ...figure, strip: stripOff(first, choice, style) } : figure;
  return {
    ...room,
    curves: shown.map((one): CurveSpecification => {
      const { x, y, confidence, prediction } = drawn(one, room, levelOf(one.curve), style);
      const { bands } = one.curve;
      return {
        id: one.id,
        name: one.name,
        series: placeOf(one.curve.series, room),
        x,
        y,
        ...(confidence && (bands === "confidence" || bands === "both") && { confidence }),
        ...(prediction && (bands === "prediction" || bands === "both") && { prediction }),
      };
    }),
  };
}
