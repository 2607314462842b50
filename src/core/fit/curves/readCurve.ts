import { derivative } from "../../expression/derivative";
import { studentTFactor } from "../../statistics/studentT";
import type { ReadOff } from "../readOff";
import { type CurveFit, valuesOf } from "./curveFit";
import { type CurveModel, heightOf, slopesOf } from "./curveModel";

type Sure = Pick<CurveFit, "model" | "parameters" | "covariance">;

/** gᵀ C g. */
function variance(gradient: readonly number[], covariance: CurveFit["covariance"]) {
  if (!covariance) return undefined;
  return gradient.reduce(
    (sum, g, i) =>
      sum + g * gradient.reduce((inner, h, j) => inner + h * (covariance[i]?.[j] ?? 0), 0),
    0,
  );
}

function readAt(model: CurveModel, fit: Sure, x: number): ReadOff | undefined {
  const { values, slopes } = slopesOf(model, Float64Array.of(x), valuesOf(fit));
  const value = values[0] as number;
  if (!Number.isFinite(value)) return undefined;
  const found = variance(slopes.map((slope) => slope[0] as number), fit.covariance); // prettier-ignore
  return { value, uncertainty: found === undefined ? undefined : Math.sqrt(Math.max(0, found)) };
}

/** y of the curve at x, with the standard uncertainty that its parameters together leave. */
export function heightAt(fit: Sure, x: number): ReadOff | undefined {
  return readAt(fit.model, fit, x);
}

function slopeModel({ model }: Sure): CurveModel {
  return { ...model, expression: derivative(model.expression, model.variable) };
}

/** dy/dx of the curve at x, in unit of y per unit of x, with its standard uncertainty. */
export function slopeAt(fit: Sure, x: number): ReadOff | undefined {
  return readAt(slopeModel(fit), fit, x);
}

/** Places and weights of Gauss and Legendre on −1 … 1. */
const nodes = [0, 0.5384693101056831, -0.5384693101056831, 0.906179845938664, -0.906179845938664];
const weights = [
  ...[0.5688888888888889, 0.47862867049936647, 0.47862867049936647],
  ...[0.23692688505618908, 0.23692688505618908],
];
const panels = 40;

/** ∫ y dx from one x to another, in unit of y times unit of x, by Gauss and Legendre; its ± from all parameters together. */
export function areaBetween(fit: Sure, from: number, to: number): ReadOff | undefined {
  const width = (to - from) / panels;
  const x = new Float64Array(panels * nodes.length);
  const weight = new Float64Array(x.length);
  for (let panel = 0; panel < panels; panel++) {
    nodes.forEach((node, k) => {
      const at = panel * nodes.length + k;
      x[at] = from + width * (panel + (1 + node) / 2);
      weight[at] = ((weights[k] as number) * width) / 2;
    });
  }
  const { values, slopes } = slopesOf(fit.model, x, valuesOf(fit));
  const sum = (of: Float64Array) =>
    of.reduce((all, one, i) => all + one * (weight[i] as number), 0);
  const value = sum(values);
  if (!Number.isFinite(value)) return undefined;
  const found = variance(slopes.map(sum), fit.covariance);
  return { value, uncertainty: found === undefined ? undefined : Math.sqrt(Math.max(0, found)) };
}

const searched = 400;
const halvings = 60;

/** Every x of a stretch at which the curve has a height, each with its standard uncertainty to first order. */
export function placesOf(fit: Sure, y: number, from: number, to: number): readonly ReadOff[] {
  const height = heightOf(fit.model);
  const at = valuesOf(fit);
  const off = (x: number) => height(x, at) - y;
  const found: ReadOff[] = [];
  for (let i = 0; i < searched; i++) {
    let [low, high] = [
      from + ((to - from) * i) / searched,
      from + ((to - from) * (i + 1)) / searched,
    ];
    const [a, b] = [off(low), off(high)];
    if (!(a * b < 0) && a !== 0) continue;
    for (let turn = 0; turn < halvings && a !== 0; turn++) {
      const middle = (low + high) / 2;
      if (off(middle) > 0 === b > 0) high = middle;
      else low = middle;
    }
    const x = a === 0 ? low : (low + high) / 2;
    const [tall, steep] = [heightAt(fit, x), slopeAt(fit, x)];
    const uncertainty =
      tall?.uncertainty !== undefined && steep && steep.value !== 0
        ? tall.uncertainty / Math.abs(steep.value)
        : undefined;
    found.push({ value: x, uncertainty });
  }
  return found;
}

/** A curve at many x with its bands; a band is undefined where the fit has no ±. */
export interface DrawnHeights {
  readonly y: Float64Array;
  readonly confidence: Float64Array | undefined;
  readonly prediction: Float64Array | undefined;
}

/**
 * Heights of a curve with the half-widths of its confidence band t √(gᵀCg) and prediction band t √(gᵀCg + s²).
 * @param scatter what a new reading scatters by; @param level two-sided, 0 to 1.
 */
export function drawnHeights(
  fit: CurveFit,
  x: Float64Array,
  level: number,
  scatter: number | undefined,
): DrawnHeights {
  const { values, slopes } = slopesOf(fit.model, x, valuesOf(fit));
  const { covariance, degreesOfFreedom } = fit;
  if (!covariance || degreesOfFreedom < 1) {
    return { y: values, confidence: undefined, prediction: undefined };
  }
  const t = studentTFactor(level, degreesOfFreedom);
  const spread = x.map(
    (_, i) =>
    Math.max(0, variance(slopes.map((slope) => slope[i] as number), covariance) ?? 0), // prettier-ignore
  );
  return {
    y: values,
    confidence: spread.map((one) => t * Math.sqrt(one)),
    prediction:
      scatter === undefined ? undefined : spread.map((one) => t * Math.sqrt(one + scatter ** 2)),
  };
}
