import { parseFormula } from "../../expression/parseFormula";
import type { CurveOutcome } from "../curves/curveFit";
import { type CurveModel, curveModel } from "../curves/curveModel";
import type { CurveOptions } from "../curves/curveOptions";
import { describedFit, fitCurve } from "../curves/fitCurve";
import { fitPolynomial } from "../polynomial";
import type { CurveRule } from "./curveRule";
import { curveRules, type RuledFamily } from "./curveRules";
import { degreeOf } from "./polynomials";

const models = new Map<RuledFamily, CurveModel>();

/** The formula of a family, read once. */
export function modelOf(family: RuledFamily): CurveModel {
  let model = models.get(family);
  if (!model) {
    const read = parseFormula(curveRules[family].formula);
    if (read.kind !== "formula") throw new Error(`the formula of ${family} can't be read`);
    models.set(family, (model = curveModel(read.expression, "x")));
  }
  return model;
}

/**
 * Fits a curve of one of the families; polynomials by QR on centred columns unless something was said of a parameter.
 * @param x, y points in the axes' units.
 */
export function fitFamily(
  family: RuledFamily,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  options: CurveOptions = {},
): CurveOutcome {
  const model = modelOf(family);
  const degree = degreeOf(family);
  const said = Object.values(options.wishes ?? {}).some(
    ({ fixed, least, most }) => fixed || least !== undefined || most !== undefined,
  );
  if (degree !== undefined && !said) {
    const outcome = fitPolynomial(x, y, degree, options.deviations);
    if (outcome.kind === "no-curve") return outcome;
    const { coefficients, covariance } = outcome.fit;
    return {
      kind: "curve",
      fit: describedFit(model, x, y, options, Float64Array.from(coefficients), covariance),
    };
  }
  const rule: CurveRule = curveRules[family];
  const starts = () => rule.starts({ x: Float64Array.from(x), y: Float64Array.from(y) });
  return fitCurve(model, x, y, {
    ...options,
    starts,
    ambiguous: rule.ambiguous ?? false,
    ...(rule.normalise && { normalise: rule.normalise }),
  });
}
