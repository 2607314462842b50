import { endBoxLines } from "@/core/fit/endBoxes";
import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import { type ErrorBoxes, slopeRange as rangeOf } from "@/core/fit/slopeRange";
import { type Family, refused } from "../family";

interface Given {
  readonly x: number[];
  readonly y: number[];
  readonly dx: number[];
  readonly dy: number[];
}

function boxesOf({ x, y, dx, dy }: Given, tall: boolean): ErrorBoxes {
  const wide = tall ? x.map(() => 0) : dx;
  return { x, y, xDown: wide, xUp: wide, yDown: dy, yUp: dy };
}

function throughAll(boxes: ErrorBoxes): unknown {
  const found = rangeOf(boxes);
  if (found.kind === "no-range") return refused;
  if (found.kind === "none") {
    const { slope, intercept } = found.line;
    return { feasible: false, k: found.factor, k_slope: slope, k_intercept: intercept };
  }
  const { greatest, least } = found;
  return {
    feasible: true,
    max_slope: greatest.slope,
    max_slope_intercept: greatest.intercept,
    min_slope: least.slope,
    min_slope_intercept: least.intercept,
    half_range_slope: (greatest.slope - least.slope) / 2,
    mid_slope: (greatest.slope + least.slope) / 2,
    half_range_intercept: Math.abs(greatest.intercept - least.intercept) / 2,
  };
}

function corners(boxes: ErrorBoxes, slope: number): unknown {
  const found = endBoxLines(boxes, slope);
  if (!found) return null;
  const { steepest, shallowest } = found;
  return {
    steepest_slope: steepest.slope,
    steepest_intercept: steepest.intercept,
    shallowest_slope: shallowest.slope,
    shallowest_intercept: shallowest.intercept,
    half_range_slope: Math.abs(steepest.slope - shallowest.slope) / 2,
    half_range_intercept: Math.abs(steepest.intercept - shallowest.intercept) / 2,
  };
}

/** How far a line can turn: through every box, and through the end boxes. */
export const slopeRange: Family = (input) => {
  const given = input as unknown as Given;
  const best = fitOrdinaryLine(given.x, given.y);
  if (best.kind === "no-line") return refused;
  const [boxes, tall] = [boxesOf(given, false), boxesOf(given, true)];
  return {
    boxes: throughAll(boxes),
    vertical_only: throughAll(tall),
    corner: corners(boxes, best.line.slope),
    corner_vertical_only: corners(tall, best.line.slope),
  };
};
