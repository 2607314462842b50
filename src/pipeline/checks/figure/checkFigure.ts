import type { Finding } from "@/core/finding/finding";
import { layFrame } from "@/figure/layout/frame";
import type { Figure } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import { figureSpecification } from "../../figure/figure";
import type { FigureFit } from "../../lines/fit";
import { atOnce, type Steps } from "../../readings/steps";
import { lookedWith } from "../lookedWith";
import { beyondLogarithm } from "./beyondLogarithm";
import { emptyPaper } from "./emptyPaper";
import type { FigureCheck } from "./figureCheck";
import { hiddenBars } from "./hiddenBars";
import { joinedPoints } from "./joinedPoints";
import { missingWords } from "./missingWords";
import { otherUnits } from "./otherUnits";
import { smallText } from "./smallText";
import { titleOrder } from "./titleOrder";
import { unusualSteps } from "./unusualSteps";

const checks: readonly FigureCheck[] = [
  ...[beyondLogarithm, otherUnits, titleOrder, missingWords, emptyPaper],
  ...[joinedPoints, hiddenBars, unusualSteps, smallText],
];

/** The checks of a figure, one after the other; a caller may pause between two. */
export function* checkedFigure(
  figure: Figure,
  number: number,
  fit: FigureFit,
  rules: HouseRules,
): Steps<readonly Finding[]> {
  const count = fit.groups.reduce((sum, { points }) => sum + points.rows.length, 0);
  if (count === 0) return [];
  const line = { ...figure.line, steepest: false, shallowest: false };
  const specification = figureSpecification({ ...figure, line }, number, fit, rules);
  yield;
  const looked = { figure, fit, specification, frame: layFrame(specification) };
  return yield* lookedWith(checks, looked);
}

/** What a strict reader would say of a figure. */
export function checkFigure(...looked: Parameters<typeof checkedFigure>): readonly Finding[] {
  return atOnce(checkedFigure(...looked));
}
