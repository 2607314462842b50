import type { ResultCheck } from "./resultCheck";

const wide = 0.5;

/** A ± about as large as the result itself says nearly nothing. */
export const wideResult: ResultCheck = ({ value, size }) =>
  value !== 0 && size > wide * Math.abs(value)
    ? [{ name: "large-relative-uncertainty", percent: Math.round((100 * size) / Math.abs(value)) }]
    : [];
