import type { LineFit } from "@/core/fit/lineFit";
import type { RangeLine } from "@/core/fit/slopeRange";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Result } from "@/investigation/model/result";
import type { LineRange, RangedLine } from "./lineRange";

/** The numbers of a line as they are stated, on the figure, in the margin, in a result and in the report alike. */
export interface StatedLine {
  /** The best line: by least squares, or as it was laid by eye. */
  readonly line: RangeLine;
  /** The ± of slope and intercept; 0 where none is known. */
  readonly ofSlope: number;
  readonly ofIntercept: number;
  /** What the ± is: half the range, the standard error, or the standard error because there is no range. */
  readonly by: "range" | "error" | "error-instead" | "nothing";
  readonly range: RangedLine | undefined;
}

/** Whether half the slope range stands for the ± of a line, or the standard error: limits have a range, standard uncertainties an error. */
export function usesRange(
  { uses }: Pick<Result, "uses">,
  { uncertaintyMeans }: Pick<HouseRules, "uncertaintyMeans">,
): boolean {
  return uses === "house" ? uncertaintyMeans === "limit" : uses === "range";
}

/** A line with the ± that the house states it with (calculation § 7), or the one that was chosen for a result. */
export function statedLine(
  line: LineFit,
  range: LineRange | undefined,
  rules: Pick<HouseRules, "uncertaintyMeans">,
  uses: Result["uses"] = "house",
): StatedLine {
  const wanted = usesRange({ uses }, rules);
  const ranged = range?.kind === "range" ? range : undefined;
  const best = ranged?.byEye ?? line;
  if (wanted && ranged) {
    const { halfOfSlope: ofSlope, halfOfIntercept: ofIntercept } = ranged;
    return { line: best, ofSlope, ofIntercept, by: "range", range: ranged };
  }
  const { standardErrorOfSlope, standardErrorOfIntercept } = line;
  const known = standardErrorOfSlope !== undefined || standardErrorOfIntercept !== undefined;
  return {
    ...{ line, range: undefined, by: known ? (wanted ? "error-instead" : "error") : "nothing" },
    ...{ ofSlope: standardErrorOfSlope ?? 0, ofIntercept: standardErrorOfIntercept ?? 0 },
  };
}

const noise = 1e-9;

/** Whether the best line turns further than its own range: then it misses boxes, and the statement's ± does not hold it. */
export function bestOutsideRange({ slope }: RangeLine, range: LineRange | undefined): boolean {
  if (range?.kind !== "range") return false;
  const [a, b] = [range.steepest.slope, range.shallowest.slope];
  const room = noise * Math.max(Math.abs(a), Math.abs(b));
  return slope > Math.max(a, b) + room || slope < Math.min(a, b) - room;
}
