import type { Finding } from "@/core/finding/finding";
import type { FigureSpecification } from "@/figure/specification";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { FittedCurve } from "../../curves/fittedCurves";
import type { CurveCheck } from "./curveCheck";
import { curveFarBeyond } from "./curveFarBeyond";
import { patternAboutCurve } from "./patternAboutCurve";

const checks: readonly CurveCheck[] = [patternAboutCurve, curveFarBeyond];

/** What a strict reader would say of a curve that is drawn: what the fit itself noticed, and how it lies. */
export function checkCurve(
  fitted: FittedCurve,
  figure: FigureSpecification,
  rules: HouseRules,
): readonly Finding[] {
  if (!fitted.curve.shown) return [];
  return [...fitted.fit.findings, ...checks.flatMap((check) => check({ fitted, figure, rules }))];
}
