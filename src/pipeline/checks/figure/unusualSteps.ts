import type { FigureCheck } from "./figureCheck";

/** A step by hand of 3, 7 and the like, between which nobody can count. */
export const unusualSteps: FigureCheck = ({ specification }) =>
  (["x", "y"] as const)
    .flatMap((axis) => {
      const { range, scale } = specification[axis];
      const step = range.kind === "hand" && scale === "linear" ? range.step : undefined;
      if (step === undefined || !(step > 0)) return [];
      const digit = Number((step / 10 ** Math.floor(Math.log10(step) + 1e-9)).toPrecision(6));
      return [1, 2, 2.5, 4, 5].includes(digit) ? [] : [{ name: "unusual-steps", step } as const];
    })
    .slice(0, 1);
