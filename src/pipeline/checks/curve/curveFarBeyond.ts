import { layFrame } from "@/figure/layout/frame";
import { stretchOf } from "../../curves/fittedCurves";
import type { CurveCheck } from "./curveCheck";

const far = 1;

/** A curve drawn further beyond the readings than they reach themselves. */
export const curveFarBeyond: CurveCheck = ({ fitted, figure, rules }) => {
  if (fitted.curve.reach === "data") return [];
  const { xScale } = layFrame(figure);
  const [from, to] = stretchOf(fitted, [xScale.from, xScale.to], rules);
  const { xValues } = fitted.order.points;
  const low = xValues.reduce((a, b) => Math.min(a, b), Infinity);
  const high = xValues.reduce((a, b) => Math.max(a, b), -Infinity);
  const times = Math.max(low - from, to - high) / (high - low);
  return times > far ? [{ name: "curve-far-beyond", times }] : [];
};
