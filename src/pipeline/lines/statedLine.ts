import { largest, quiet } from "./rounding";
import { Latest } from "@/remembered/latest";
import type { LineFit } from "@/core/fit/lineFit";
import type { RangeLine } from "@/core/fit/slopeRange";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Result } from "@/investigation/model/result";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import type { Figure } from "@/investigation/model/figure";
import { bestLine, type LineRules } from "./bestLine";
import { rowRule } from "../derived/derivedQuantities";
import type { SeriesFit } from "./fit";
import type { LineRange, RangedLine } from "./lineRange";
import { dependencesOf } from "./commonInputs";
import type { EvaluatedTable } from "../table/table";

/** A line with everything that its statement rests on. */
export interface LineOfFigure {
  readonly figure: Pick<Figure, "line">;
  readonly table: EvaluatedTable;
  readonly one: Pick<SeriesFit, "fitted">;
  readonly line: LineFit;
  readonly range: LineRange | undefined;
}

/** The numbers of a line as they are stated, on the figure, in the margin, in a result and in the report alike. */
export interface StatedLine {
  /** The best line: by least squares, or as it was laid by eye. */
  readonly line: RangeLine;
  /** The ± of slope and intercept; 0 where none is known. */
  readonly ofSlope: number;
  readonly ofIntercept: number;
  /** The part of it that the points bring: half the range, or the standard error. */
  readonly own: { readonly ofSlope: number; readonly ofIntercept: number };
  /** Whether constants that move the whole line bring another part. */
  readonly withConstants: boolean;
  /** What the points' part is: half the range, the standard error, or the standard error because there is no range. */
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

type Own = Pick<StatedLine, "line" | "own" | "by" | "range">;

/** How large a slope and an intercept of these points could be. */
export function sizesOf({ xValues, yValues }: SeriesFit["fitted"]): readonly [number, number] {
  const ofY = largest(yValues);
  return [ofY / largest(xValues), ofY];
}

function ownOf({ line, range, one }: LineOfFigure, wanted: boolean): Own {
  const [slopes, ofY] = sizesOf(one.fitted);
  const plain = ({ slope, intercept }: RangeLine) => ({ slope, intercept: quiet(intercept, ofY) });
  const ranged = range?.kind === "range" ? range : undefined;
  if (wanted && ranged) {
    const { halfOfSlope: ofSlope, halfOfIntercept: ofIntercept, byEye = line } = ranged;
    return { line: plain(byEye), own: { ofSlope, ofIntercept }, by: "range", range: ranged };
  }
  const { standardErrorOfSlope, standardErrorOfIntercept } = line;
  const known = standardErrorOfSlope !== undefined || standardErrorOfIntercept !== undefined;
  return {
    line: plain(line),
    range: undefined,
    by: known ? (wanted ? "error-instead" : "error") : "nothing",
    own: {
      ofSlope: quiet(standardErrorOfSlope ?? 0, slopes),
      ofIntercept: quiet(standardErrorOfIntercept ?? 0, ofY),
    },
  };
}

/** What is common to all points brings to slope and intercept, part by part, in the units of the axes. */
function commonOf(
  { figure, table, one }: LineOfFigure,
  withColumns: boolean,
  rules: LineRules,
): readonly (readonly [number, number])[] {
  const refitted = (points: SeriesFit["fitted"]) => {
    const moved = bestLine(points, figure.line, rules);
    return moved.kind === "line" ? [moved.line.slope, moved.line.intercept] : undefined;
  };
  return dependencesOf(one.fitted, table, refitted, {
    withColumns,
    sizes: sizesOf(one.fitted),
  }).map(({ common, slopes }) => {
    const [ofSlope = 0, ofIntercept = 0] = slopes.map((slope) => Math.abs(slope) * common.size);
    return [ofSlope, ofIntercept] as const;
  });
}

interface Known {
  readonly rules: LineRules;
  readonly found: LineOfFigure;
  readonly uses: Result["uses"];
  readonly stated: StatedLine;
}

const known = new Latest<LineFit, Known>();

/**
 * A line with the ± that the house states it with (calculation § 3 and § 7), or the one that was chosen for a result: what
 * its points bring and what constants bring to the whole line, each once.
 */
export function statedLine(
  found: LineOfFigure,
  rules: LineRules,
  uses: Result["uses"] = "house",
): StatedLine {
  const before = known.of(found.line);
  const same =
    before?.rules === rules &&
    before.uses === uses &&
    before.found.range === found.range &&
    before.found.table === found.table;
  if (same) return before.stated;
  const plain = ownOf(found, usesRange({ uses }, rules));
  const common = commonOf(found, plain.by !== "range", rules);
  const whole = (own: number, parts: readonly number[]) =>
    own === 0 && parts.every((part) => part === 0)
      ? 0
      : combinedUncertainty(rowRule(rules), [own, ...parts]);
  const stated: StatedLine = {
    ...plain,
    ofSlope: whole(plain.own.ofSlope, common.map(([slope]) => slope)), // prettier-ignore
    ofIntercept: whole(plain.own.ofIntercept, common.map(([, intercept]) => intercept)), // prettier-ignore
    withConstants: common.length > 0,
  };
  known.keep(found.line, { rules, found, uses, stated });
  return stated;
}

const noise = 1e-9;

/** Whether the best line turns further than its own range: then it misses boxes, and the statement's ± does not hold it. */
export function bestOutsideRange({ slope }: RangeLine, range: LineRange | undefined): boolean {
  if (range?.kind !== "range") return false;
  const [a, b] = [range.steepest.slope, range.shallowest.slope];
  const room = noise * Math.max(Math.abs(a), Math.abs(b));
  return slope > Math.max(a, b) + room || slope < Math.min(a, b) - room;
}
