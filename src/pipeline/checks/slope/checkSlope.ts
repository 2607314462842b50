import type { Finding } from "@/core/finding/finding";
import type { Figure } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import { type FigureFit, type SeriesFit } from "../../lines/fit";
import { rangeOfLine } from "../../lines/lineRange";
import { lyingOff, slopesWithout } from "../../lines/residuals";
import { atOnce, type Steps } from "../../readings/steps";
import { lookedWith } from "../lookedWith";
import { commonPart } from "./commonPart";
import { curvedPattern } from "./curvedPattern";
import { dominantReading } from "./dominantReading";
import { farBeyond } from "./farBeyond";
import { longBars } from "./longBars";
import { missedBoxes } from "./missedBoxes";
import { offZero } from "./offZero";
import { outsideRange } from "./outsideRange";
import { sharedReadings } from "./sharedReadings";
import type { SlopeCheck } from "./slopeCheck";
import { squaredForUncertainty } from "./squaredForUncertainty";

const checks: readonly SlopeCheck[] = [
  ...[missedBoxes, longBars, offZero, curvedPattern, dominantReading],
  ...[squaredForUncertainty, farBeyond, commonPart, outsideRange, sharedReadings],
];

/** The checks of one line of a figure, one after the other; a caller may pause between two. */
export function* checkedSlope(
  figure: Figure,
  fit: FigureFit,
  one: SeriesFit,
  rules: HouseRules,
): Steps<readonly Finding[]> {
  const { fitted: points, outcome } = one;
  const { best, steepest, shallowest } = figure.line;
  if (!best && !steepest && !shallowest) return [];
  if (outcome.kind === "no-line" || points.rows.length < 3) return [];
  const { line } = outcome;
  const range = rangeOfLine(figure, one, rules);
  yield;
  const off = yield* lyingOff(points, line, rules);
  yield;
  const without = slopesWithout(points, figure.line, rules);
  const looked = { figure, fit, points, line, range, off, rules, without };
  return yield* lookedWith(checks, looked);
}

/** What a strict reader would say of one line of a figure; nothing of lines that are not drawn, or
 * through fewer than three points. */
export function checkSlope(...looked: Parameters<typeof checkedSlope>): readonly Finding[] {
  return atOnce(checkedSlope(...looked));
}
