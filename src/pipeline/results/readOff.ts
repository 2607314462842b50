import { crossingOf, xAtY, yAtX } from "@/core/fit/readOff";
import type { RangeLine } from "@/core/fit/slopeRange";
import type { Finding } from "@/core/finding/finding";
import { halfSpan } from "@/core/result/jointUncertainty";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import type { HouseRules } from "@/investigation/model/houseRules";
import { bestLine } from "../lines/bestLine";
import { rowRule } from "../derived/derivedQuantities";
import type { FigurePoints } from "../lines/figurePoints";
import { statedLine, type StatedLine } from "../lines/statedLine";
import { dependencesOf } from "../lines/commonInputs";
import type { FoundLine } from "./lineSource";
import type { Dependence } from "../lines/commonInputs";

export type Coordinate = "x" | "y";

/** A value read off lines, in the unit of its axis. */
export interface ReadValue {
  readonly value: number;
  /** The ± by the line and by the place that was typed; undefined where neither has one. */
  readonly own: number | undefined;
  /** How it moves with what all points have in common: for one ± of it, and per SI unit of it. */
  readonly dependences: readonly Dependence[];
  /** Everything together by the house rule. */
  readonly whole: number | undefined;
  readonly by: StatedLine["by"];
  readonly remarks: readonly Finding[];
}

/** A place on an axis that is read off at, with its own ±. */
export interface TypedPlace {
  readonly value: number;
  readonly size: number;
}

function together(
  rules: HouseRules,
  own: number | undefined,
  dependences: readonly Dependence[],
): number | undefined {
  const common = dependences.map(({ common: { size }, slopes }) => Math.abs(slopes[0] ?? 0) * size);
  if (own === undefined && common.every((size) => size === 0)) return undefined;
  return combinedUncertainty(rowRule(rules), [own ?? 0, ...common]);
}

const at = ({ slope, intercept }: RangeLine, coordinate: Coordinate, place: number) =>
  coordinate === "y" ? slope * place + intercept : (place - intercept) / slope;

/** Two laid lines may cross just where something is read off: below this part of what they leave at the readings. */
const crossNear = 0.2;

function crossNearby(
  { range }: StatedLine,
  { fitted }: Pick<FoundLine["one"], "fitted">,
  x: number,
): boolean {
  if (!range || range.corners.length !== 2) return false;
  const width = (place: number) => halfSpan(range.corners.map((line) => at(line, "y", place)));
  const ends = [Math.min(...fitted.xValues), Math.max(...fitted.xValues)];
  return width(x) < crossNear * Math.max(...ends.map(width));
}

interface LinePart {
  readonly size: number | undefined;
  readonly remarks: readonly Finding[];
}

/** What the allowed lines leave open of a value: the extremes over all of them, or t times the standard error. */
function byRange(
  found: FoundLine,
  stated: StatedLine,
  coordinate: Coordinate,
  place: number,
): LinePart {
  const { range } = stated;
  if (!range) return { size: undefined, remarks: [] };
  if (range.factor !== undefined) {
    const plain = coordinate === "y" ? yAtX(found.line, place) : xAtY(found.line, place);
    const { uncertainty } = plain ?? {};
    return {
      size: uncertainty === undefined ? undefined : uncertainty * range.factor,
      remarks: [],
    };
  }
  const lines = range.corners;
  if (coordinate === "x" && lines.some(({ slope }) => slope * stated.line.slope <= 0)) {
    return { size: undefined, remarks: [{ name: "read-off-unbounded" }] };
  }
  const size = halfSpan(lines.map((line) => at(line, coordinate, place)));
  const x = coordinate === "y" ? place : at(stated.line, "x", place);
  const near = crossNearby(stated, found.one, x);
  return { size, remarks: near ? [{ name: "lines-cross-near" }] : [] };
}

function byErrors({ line }: FoundLine, coordinate: Coordinate, place: number): LinePart {
  const plain = coordinate === "y" ? yAtX(line, place) : xAtY(line, place);
  return { size: plain?.uncertainty, remarks: [] };
}

/** The remark that a ± is not the one that the house asks for, or that there is none. */
function remarkOn(by: StatedLine["by"], size: number | undefined): readonly Finding[] {
  if (size === undefined) return [{ name: "result-without-uncertainty" }];
  return by === "error-instead" ? [{ name: "error-instead-of-range" }] : [];
}

/** The best line of points that were moved, as it counts for a value read off. */
function refitted(found: FoundLine, rules: HouseRules, value: (line: RangeLine) => number) {
  return (points: FigurePoints) => {
    const moved = bestLine(points, found.figure.line, rules);
    return moved.kind === "line" ? [value(moved.line)] : undefined;
  };
}

/**
 * y at an x, or x at a y, of a line (calculation § 3 and § 7): its ± is the extremes over all lines that are allowed, or
 * the standard error; with the ± of the place, and what constants bring to the whole line.
 */
export function readOffLine(
  found: FoundLine,
  coordinate: Coordinate,
  place: TypedPlace,
  rules: HouseRules,
  uses?: "house" | "range" | "error",
): ReadValue | undefined {
  const stated = statedLine(found, rules, uses);
  const { line } = stated;
  if (coordinate === "x" && line.slope === 0) return undefined;
  const part =
    stated.by === "range"
      ? byRange(found, stated, coordinate, place.value)
      : byErrors(found, coordinate, place.value);
  const ofPlace =
    place.size * (coordinate === "y" ? Math.abs(line.slope) : 1 / Math.abs(line.slope));
  const known = part.size !== undefined || ofPlace > 0;
  const own = known ? combinedUncertainty(rowRule(rules), [part.size ?? 0, ofPlace]) : undefined;
  const dependences = dependencesOf(
    found.one.fitted,
    found.table,
    refitted(found, rules, (moved) => at(moved, coordinate, place.value)),
    { withColumns: stated.by !== "range" },
  );
  return {
    value: at(line, coordinate, place.value),
    own,
    dependences,
    by: stated.by,
    whole: together(rules, own, dependences),
    remarks: [...part.remarks, ...(part.remarks.length > 0 ? [] : remarkOn(stated.by, own))],
  };
}

const crossed = (a: RangeLine, b: RangeLine, coordinate: Coordinate) => {
  const x = (b.intercept - a.intercept) / (a.slope - b.slope);
  return coordinate === "x" ? x : a.slope * x + a.intercept;
};

/** What two ranges leave open of the crossing: the extremes over every pair of allowed lines. */
function byRanges(a: StatedLine, b: StatedLine, coordinate: Coordinate): LinePart {
  const [first, second] = [a.range?.corners ?? [], b.range?.corners ?? []];
  const way = a.line.slope - b.line.slope;
  const parallel = first.some((one) =>
    second.some((other) => (one.slope - other.slope) * way <= 0),
  );
  if (parallel) return { size: undefined, remarks: [{ name: "read-off-unbounded" }] };
  const values = first.flatMap((one) => second.map((other) => crossed(one, other, coordinate)));
  return { size: halfSpan(values), remarks: [] };
}

/** One coordinate of where two lines cross, with its ± by both lines and by what their points have in common. */
export function readCrossing(
  a: FoundLine,
  b: FoundLine,
  coordinate: Coordinate,
  rules: HouseRules,
  uses?: "house" | "range" | "error",
): ReadValue | Finding {
  const plain = crossingOf(a.line, b.line);
  if (plain.kind === "none") return plain.finding;
  const [first, second] = [a, b].map((one) => statedLine(one, rules, uses)) as [
    ...[StatedLine, StatedLine],
  ];
  const cornered = [first, second].every(({ by, range }) => by === "range" && range?.factor === undefined); // prettier-ignore
  const factor = Math.max(first.range?.factor ?? 1, second.range?.factor ?? 1);
  const { uncertainty } = plain[coordinate];
  const part: LinePart = cornered
    ? byRanges(first, second, coordinate)
    : { size: uncertainty === undefined ? undefined : uncertainty * factor, remarks: [] };
  const by = cornered || factor > 1 ? "range" : first.by === "range" ? "error-instead" : first.by;
  const moved = (found: FoundLine, value: (line: RangeLine) => number) =>
    dependencesOf(found.one.fitted, found.table, refitted(found, rules, value), {
      withColumns: by !== "range",
    });
  const dependences = addedByConstant([
    ...moved(a, (line) => crossed(line, second.line, coordinate)),
    ...moved(b, (line) => crossed(first.line, line, coordinate)),
  ]);
  return {
    value: crossed(first.line, second.line, coordinate),
    own: part.size,
    dependences,
    by,
    whole: together(rules, part.size, dependences),
    remarks: part.remarks.length > 0 ? part.remarks : remarkOn(by, part.size),
  };
}

/** The same constant moves both lines: what it does to each is added with its sign. */
function addedByConstant(all: readonly Dependence[]): readonly Dependence[] {
  const found = new Map<string, Dependence>();
  for (const one of all) {
    const before = found.get(one.common.key)?.slopes ?? [];
    const slopes = one.slopes.map((slope, i) => slope + (before[i] ?? 0));
    found.set(one.common.key, { common: one.common, slopes });
  }
  return [...found.values()];
}
