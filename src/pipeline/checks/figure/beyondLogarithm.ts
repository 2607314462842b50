import type { FigureCheck } from "./figureCheck";

/** Readings at or below 0 on a logarithmic axis, which can't show them. */
export const beyondLogarithm: FigureCheck = ({ fit: { beyondLog } }) =>
  beyondLog > 0 ? [{ name: "beyond-logarithm", count: beyondLog }] : [];
