import type { Finding } from "@/core/finding/finding";
import type { FigureSpecification } from "@/figure/specification";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { FittedCurve } from "../../curves/fittedCurves";

/** What the checks of one curve look at. */
export interface CurveLooked {
  readonly fitted: FittedCurve;
  /** The figure that it is drawn on, for where its paper ends. */
  readonly figure: FigureSpecification;
  readonly rules: HouseRules;
}

/** Looks at one curve; every check is a file of its own. */
export type CurveCheck = (looked: CurveLooked) => readonly Finding[];
