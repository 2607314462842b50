import { type CurveRule, roughSlope, spanOf } from "./curveRule";

const rates = [0.2, 1, 3, 10, 30];

/** y = a exp(b x). */
export const exponential: CurveRule = {
  formula: "a*exp(b*x)",
  starts: ({ x, y }) => {
    const found = roughSlope(
      [...x],
      Array.from(y, (value) => Math.log(Math.abs(value))),
    );
    const { size } = spanOf(x);
    return [
      ...(found === undefined ? [] : [found]),
      ...rates.flatMap((rate) => [rate / size, -rate / size]),
    ].map((b) => ({ b }));
  },
};

/** y = a exp(b x) + c. */
export const exponentialWithOffset: CurveRule = {
  formula: "a*exp(b*x) + c",
  starts: ({ x }) => {
    const { size } = spanOf(x);
    return [0.3, 1, 2, 4, 8, 20, 60].flatMap((rate) => [{ b: rate / size }, { b: -rate / size }]);
  },
};
