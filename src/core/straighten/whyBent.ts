import { fitOrdinaryLine } from "../fit/ordinaryLine";
import { type Board, type BoardCell, isStraight } from "./board";
import type { TransformId } from "./transforms";

/** A pair of the board by its transforms. */
export interface PairOfTransforms {
  readonly x: TransformId;
  readonly y: TransformId;
}

/** Why a pair of the board is not straight, where another pair of it is. */
export interface WhyBent {
  /** A constant that is added to y under a root, a power or a logarithm; or another power or law than this pair's. */
  readonly kind: "offset" | "other-law";
  readonly straight: PairOfTransforms;
}

/** More standard errors than this from 0, and an intercept is there. */
const clearly = 3;

const powerOf = (id: TransformId): number | undefined => {
  const power = Number(id);
  return Number.isFinite(power) ? power : undefined;
};

const isLogarithm = (id: TransformId) => id === "ln" || id === "log";

/** Whether both pairs would be straight for the same power law through zero: √y against x and y against x². */
function sameLaw(one: PairOfTransforms, other: PairOfTransforms): boolean {
  const [x, y] = [powerOf(other.x), powerOf(other.y)];
  if (x === undefined || y === undefined || x < 0 || y < 0) return false;
  if (isLogarithm(one.x) && isLogarithm(one.y)) return true;
  const [a, b] = [powerOf(one.x), powerOf(one.y)];
  return a !== undefined && b !== undefined && b !== y && a * y === b * x;
}

/** Whether the line of a pair meets the vertical axis clearly off zero. */
function hasIntercept({ across, up }: BoardCell): boolean {
  const kept = [...across.values.keys()].filter(
    (i) => Number.isFinite(across.values[i]) && Number.isFinite(up.values[i]),
  );
  const outcome = fitOrdinaryLine(
    kept.map((i) => across.values[i] as number),
    kept.map((i) => up.values[i] as number),
  );
  if (outcome.kind !== "line") return false;
  const { intercept, standardErrorOfIntercept = 0 } = outcome.line;
  return Math.abs(intercept) > clearly * standardErrorOfIntercept;
}

/**
 * What keeps a pair from being straight, told by a pair that is: undefined for a pair that is straight itself, and where
 * none of the board is.
 */
export function whyBent(board: Board, pair: PairOfTransforms): WhyBent | undefined {
  const cells = board.rows.flat();
  const cellOf = ({ x, y }: PairOfTransforms) =>
    cells.find(({ across, up }) => across.id === x && up.id === y);
  const own = cellOf(pair);
  const { straightest: straight } = board;
  if (!own || !straight || isStraight(own.straightness)) return undefined;
  const other = cellOf(straight);
  if (!other || !isStraight(other.straightness)) return undefined;
  const offset = sameLaw(pair, straight) && hasIntercept(other);
  return { kind: offset ? "offset" : "other-law", straight };
}
