import { type CurveFit, type CurveOutcome, valuesOf } from "@/core/fit/curves/curveFit";
import { heightOf } from "@/core/fit/curves/curveModel";
import { fitCurve } from "@/core/fit/curves/fitCurve";
import { fitFamily } from "@/core/fit/families/fitFamily";
import type { Curve } from "@/investigation/model/curve";
import { lineNumber, type LineRules } from "../lines/bestLine";
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

/** What a new reading scatters by: the scatter about the curve, or the root mean square of the bars that counted. */
export function scatterOf({ order: { deviations }, fit }: FittedCurve): number | undefined {
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

/** How far each point lies above the curve, in the unit of y. */
export function residualsOfCurve({ fit, order }: FittedCurve): readonly number[] {
  const height = heightOf(fit.model);
  const at = valuesOf(fit);
  return Array.from(
    order.y,
    (value, i) => (value - height(order.x[i] as number, at)) / order.ofY.factor,
  );
}
