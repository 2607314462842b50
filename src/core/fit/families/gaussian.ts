import { type CurveRule, spanOf } from "./curveRule";

/** y = h exp(−(x − m)²/2s²) + c: a peak or a dip on a level ground. */
export const gaussian: CurveRule = {
  formula: "h*exp(-(x - m)^2/(2*s^2)) + c",
  starts: ({ x, y }) => {
    const { size } = spanOf(x);
    const tall = x[y.indexOf(spanOf(y).high)] as number;
    const deep = x[y.indexOf(spanOf(y).low)] as number;
    return [tall, deep].flatMap((m) =>
      [0.03, 0.08, 0.2, 0.4].map((part) => ({ m, s: part * size })),
    );
  },
  normalise: (values) => ({ ...values, s: Math.abs(values.s ?? 0) }),
};
