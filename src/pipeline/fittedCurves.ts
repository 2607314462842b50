import type { CurveFit, CurveOutcome } from "@/core/fit/curves/curveFit";
import { fitCurve } from "@/core/fit/curves/fitCurve";
import { drawnHeights } from "@/core/fit/curves/readCurve";
import { fitFamily } from "@/core/fit/families/fitFamily";
import { layFrame } from "@/figure/layout/frame";
import type { CurveSpecification, FigureSpecification } from "@/figure/specification";
import type { Curve } from "@/investigation/model/curve";
import { lineNumber, type LineRules } from "./bestLine";
import type { CurveOrder } from "./curveOrder";

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

/** A figure with its curves drawn on it. */
export function withCurves(
  figure: FigureSpecification,
  curves: readonly FittedCurve[],
  level: number,
  rules: LineRules,
): FigureSpecification {
  const shown = curves.filter(({ curve }) => curve.shown);
  if (shown.length === 0) return figure;
  return {
    ...figure,
    curves: shown.map((one): CurveSpecification => {
      const { x, y, confidence, prediction } = drawn(one, figure, level, rules);
      const { bands } = one.curve;
      return {
        ...{ id: one.id, name: one.name, series: one.curve.series, x, y },
        ...(confidence && (bands === "confidence" || bands === "both") && { confidence }),
        ...(prediction && (bands === "prediction" || bands === "both") && { prediction }),
      };
    }),
  };
}

/** How far each point lies above the curve, in the unit of y; its ± with it. */
export function offCurve({ fit, order }: FittedCurve): readonly number[] {
  const { y } = drawnHeights(fit, order.x, 0.95, undefined);
  return Array.from(order.y, (value, i) => (value - (y[i] as number)) / order.ofY.factor);
}
