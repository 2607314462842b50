import { type CurveRule, roughSlope } from "./curveRule";

const usual = [-3, -2, -1, -0.5, 0.5, 1.5, 2, 3];

/** y = a xⁿ. */
export const power: CurveRule = {
  formula: "a*x^n",
  starts: ({ x, y }) => {
    const found = roughSlope(
      Array.from(x, (value) => Math.log(value)),
      Array.from(y, (value) => Math.log(Math.abs(value))),
    );
    return [...(found === undefined ? [] : [found]), ...usual].map((n) => ({ n }));
  },
};
