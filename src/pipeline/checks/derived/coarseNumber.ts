import { type Expression, partsOf } from "@/core/expression/tree";
import { type DerivedCheck, relativeSize } from "./derivedLook";

/** A number written in a formula may leave open at most this part of what the readings leave open. */
const tolerated = 0.2;

/** What the last digit of a written decimal leaves open, beside its value; whole numbers are exact. */
function openness(text: string, value: number): number {
  const decimals = /\.(\d+)$/.exec(text)?.[1]?.length;
  return decimals === undefined || value === 0 ? 0 : (0.5 * 10 ** -decimals) / Math.abs(value);
}

/** A decimal that is met exactly, such as 0.5 or 1.25, is meant exactly. */
function isMeantExactly(value: number): boolean {
  return Number.isInteger(value * 8);
}

function* numbersIn(expression: Expression): Generator<Expression & { kind: "number" }> {
  if (expression.kind === "operation" && expression.operator === "^") {
    yield* numbersIn(expression.left);
    return;
  }
  if (expression.kind === "number") yield expression;
  for (const part of partsOf(expression)) yield* numbersIn(part);
}

/** 3.14 or 9.8 written with fewer figures than the readings deserve. */
export const coarseNumber: DerivedCheck = ({ rows, column }) => {
  const sizes = rows.map(relativeSize).filter((size) => size > 0);
  const surest = sizes.reduce((least, size) => Math.min(least, size), Infinity);
  for (const { text, value } of numbersIn(column.formula.expression)) {
    const open = isMeantExactly(value) ? 0 : openness(text, value);
    if (open > tolerated * surest) {
      return [{ name: "coarse-number", text, percent: Number((open * 100).toPrecision(1)) }];
    }
  }
  return [];
};
