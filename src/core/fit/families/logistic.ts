import { type CurveRule, spanOf } from "./curveRule";

/** y = h/(1 + exp(−k(x − m))): from 0 to h, half of it at m. */
export const logistic: CurveRule = {
  formula: "h/(1 + exp(-k*(x - m)))",
  starts: ({ x }) => {
    const { low, size } = spanOf(x);
    return [0.2, 0.4, 0.6, 0.8].flatMap((part) =>
      [4, 12].flatMap((steep) => [
        { m: low + part * size, k: steep / size },
        { m: low + part * size, k: -steep / size },
      ]),
    );
  },
};
