import { type SlopeCheck, statedOf } from "./slopeCheck";

/** The theory says that the line goes through zero, and its range leaves zero out. */
export const offZero: SlopeCheck = (looked) => {
  const { figure, line } = looked;
  if (!figure.line.expectsZero || figure.line.held === "zero") return [];
  const half = statedOf(looked).ofIntercept;
  if (!half || Math.abs(line.intercept) <= half) return [];
  return [{ name: "intercept-off-zero", halves: Math.abs(line.intercept) / half }];
};
