import { standardPart } from "@/core/uncertainty/readingUncertainty";
import { fitFixedIntercept, fitFixedSlope, fitThroughPoint } from "@/core/fit/constrainedLine";
import type { Hold } from "@/core/fit/heldRange";
import type { LineFit, LineOutcome } from "@/core/fit/lineFit";
import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import { fitWeightedLine } from "@/core/fit/weightedLine";
import { fitYorkLine } from "@/core/fit/yorkLine";
import { readNumber } from "@/core/number/readNumber";
import type { LineChoice } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { BarArrays, FigurePoints } from "./figurePoints";

export type LineRules = Pick<
  HouseRules,
  "uncertaintyMeans" | "decimalMark" | "slopeRange" | "propagation"
>;

/** A typed number of a line; undefined where it is none. */
export function lineNumber(text: string, { decimalMark }: LineRules): number | undefined {
  const read = readNumber(text, decimalMark);
  return read.kind === "number" ? read.number.value : undefined;
}

/** The ± as standard uncertainties: a limit Δ stands for a rectangle of Δ/√3 (GUM 4.3.7). */
export function standardBars(
  { up, down }: BarArrays,
  { uncertaintyMeans }: LineRules,
): Float64Array {
  const part = standardPart(uncertaintyMeans);
  return up.map((bar, i) => (part * (bar + (down[i] as number))) / 2);
}

type Held = (sigma: Float64Array | undefined) => LineOutcome;

function heldLine(points: FigurePoints, choice: LineChoice, rules: LineRules): Held | undefined {
  const { xValues: x, yValues: y } = points;
  const number = (text: string) => lineNumber(text, rules) ?? 0;
  switch (choice.held) {
    case "free":
      return undefined;
    case "zero":
      return (sigma) => fitFixedIntercept(x, y, 0, sigma);
    case "intercept":
      return (sigma) => fitFixedIntercept(x, y, number(choice.intercept), sigma);
    case "slope":
      return (sigma) => fitFixedSlope(x, y, number(choice.slope), sigma);
    case "point": {
      const point = { x: number(choice.pointX), y: number(choice.pointY) };
      return (sigma) => fitThroughPoint(x, y, point, sigma);
    }
  }
}

/** What a line keeps to, as its range needs it; undefined where it is free. */
export function holdOf(choice: LineChoice, rules: LineRules): Hold | undefined {
  const number = (text: string) => lineNumber(text, rules) ?? 0;
  switch (choice.held) {
    case "free":
      return undefined;
    case "zero":
      return { kind: "point", x: 0, y: 0 };
    case "intercept":
      return { kind: "point", x: 0, y: number(choice.intercept) };
    case "slope":
      return { kind: "slope", slope: number(choice.slope) };
    case "point":
      return { kind: "point", x: number(choice.pointX), y: number(choice.pointY) };
  }
}

const mostTurns = 100;

/** A held line with both bars: σ² = σy² + m²σx², with the slope taken anew until it settles. */
function withEffectiveBars(held: Held, sx: Float64Array, sy: Float64Array): LineOutcome {
  let outcome = held(undefined);
  for (let turn = 0; turn < mostTurns && outcome.kind === "line"; turn++) {
    const { slope } = outcome.line;
    const next = held(sy.map((bar, i) => Math.hypot(bar, slope * (sx[i] as number))));
    const settled =
      next.kind === "line" && Math.abs(next.line.slope - slope) <= 1e-14 * Math.abs(slope);
    outcome = next;
    if (settled) break;
  }
  return outcome.kind === "line"
    ? { kind: "line", line: { ...outcome.line, weighting: "xy" } }
    : outcome;
}

/** The ± only beside one another: their common size is what the scatter makes it, √(reduced χ²) of what was said. */
function relatively(line: LineFit): LineFit {
  const { reducedChiSquare, standardErrorOfSlope, standardErrorOfIntercept, covariance } = line;
  if (reducedChiSquare === undefined) return line;
  const scaled = (error: number | undefined) =>
    error === undefined ? undefined : error * Math.sqrt(reducedChiSquare);
  return {
    ...line,
    relativeWeights: true,
    standardErrorOfSlope: scaled(standardErrorOfSlope),
    standardErrorOfIntercept: scaled(standardErrorOfIntercept),
    covariance: covariance === undefined ? undefined : covariance * reducedChiSquare,
  };
}

/** The best line of a series as it was chosen: which bars count and how, and what it has to keep to. */
export function bestLine(points: FigurePoints, choice: LineChoice, rules: LineRules): LineOutcome {
  const outcome = laid(points, choice, rules);
  if (outcome.kind === "no-line" || !choice.relative || choice.weights === "none") return outcome;
  return { kind: "line", line: relatively(outcome.line) };
}

function laid(points: FigurePoints, choice: LineChoice, rules: LineRules): LineOutcome {
  const { xValues: x, yValues: y } = points;
  const held = heldLine(points, choice, rules);
  if (choice.weights === "none") return held ? held(undefined) : fitOrdinaryLine(x, y);
  const sy = standardBars(points.yBars, rules);
  if (choice.weights === "y") {
    if (sy.some((bar) => !(bar > 0))) return { kind: "no-line", finding: { name: "bar-of-zero" } };
    return held ? held(sy) : fitWeightedLine(x, y, sy);
  }
  const sx = standardBars(points.xBars, rules);
  return held ? withEffectiveBars(held, sx, sy) : fitYorkLine(x, y, sx, sy);
}
