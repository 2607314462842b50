import { type CurveRule, spanOf } from "./curveRule";

/** y = a x/(b + x): rises at first as x, and comes near a. */
export const saturation: CurveRule = {
  formula: "a*x/(b + x)",
  starts: ({ x }) => [0.05, 0.2, 0.5, 1, 3].map((part) => ({ b: part * spanOf(x).high })),
};
