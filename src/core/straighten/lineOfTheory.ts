import { type Expression } from "../expression/tree";
import { sumOf } from "./algebra/fromExpression";
import { BeyondAlgebra } from "./algebra/sum";
import { numberExpression, sumExpression } from "./algebra/toExpression";
import { evaluator, holds, type Numbers, obeying } from "./checkPair";
import { type Pair, pairsOf } from "./pairs";
import type { Theory } from "./theory";
import { variantsOf } from "./variants";

/** What a theory says that the line of a figure stands for. */
export interface LineOfTheory {
  readonly slope: Expression;
  readonly intercept: Expression;
}

/** What stands along the axes of a figure, in measured symbols of the theory. */
export interface TheoryAxes {
  readonly across: Expression;
  readonly up: Expression;
}

const seed = 417;
const slack = 1e-7;

/** The number by which one expression is always as large as another; undefined where there is no such number. */
function steadyRatio(
  of: Expression,
  to: Expression,
  made: readonly (readonly Numbers[])[],
): number | undefined {
  const [above, below] = [evaluator(of), evaluator(to)];
  let ratio: number | undefined;
  for (const row of made.flat()) {
    const now = above(row) / below(row);
    if (!Number.isFinite(now)) continue;
    if (ratio === undefined) ratio = now;
    else if (Math.abs(now - ratio) > slack * Math.abs(ratio)) return undefined;
  }
  return ratio;
}

/** A simple number where the ratio is one but for rounding. */
const cleaned = (ratio: number) => Number(ratio.toPrecision(10));

function scaled(expression: Expression, by: number): Expression {
  if (by === 1) return expression;
  const whole: Expression = {
    ...{ kind: "operation", operator: "*", left: numberExpression(by), right: expression },
  };
  try {
    return sumExpression(sumOf(whole));
  } catch (error) {
    if (error instanceof BeyondAlgebra) return whole;
    throw error;
  }
}

function fitted(
  { vertical, horizontal, slope, intercept }: Pair,
  { across, up }: TheoryAxes,
  made: readonly (readonly Numbers[])[],
): LineOfTheory | undefined {
  const ofUp = steadyRatio(up, vertical, made);
  const ofAcross = ofUp === undefined ? undefined : steadyRatio(across, horizontal, made);
  if (ofUp === undefined || ofAcross === undefined) return undefined;
  return {
    slope: scaled(slope, cleaned(ofUp / ofAcross)),
    intercept: scaled(intercept, cleaned(ofUp)),
  };
}

/**
 * What slope and intercept of a figure stand for by a theory: among the pairs that make the theory straight the one
 * that the figure shows, or shows a fixed multiple of. Checked with made-up numbers, like every pair.
 * @returns undefined where the theory does not make this figure straight.
 */
export function lineOfTheory(
  theory: Theory,
  measured: readonly string[],
  known: readonly string[],
  axes: TheoryAxes,
): LineOfTheory | undefined {
  const roles = { measured: new Set(measured), known: new Set(known) };
  const made = obeying(theory, measured, seed);
  for (const variant of variantsOf(theory)) {
    for (const pair of pairsOf(variant, roles)) {
      const found = fitted(pair, axes, made);
      if (found && holds(pair, made)) return found;
    }
  }
  return undefined;
}
