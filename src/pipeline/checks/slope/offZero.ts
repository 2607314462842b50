import type { SlopeCheck } from "./slopeCheck";

/** The theory says that the line goes through zero, and its range leaves zero out. */
export const offZero: SlopeCheck = ({ figure, line, range }) => {
  if (!figure.line.expectsZero || figure.line.held === "zero") return [];
  const half = range?.kind === "range" ? range.halfOfIntercept : line.standardErrorOfIntercept;
  if (!half || Math.abs(line.intercept) <= half) return [];
  return [{ name: "intercept-off-zero", halves: Math.abs(line.intercept) / half }];
};
