export const slopeWord = {
  /** The word of the house rules for how steep a line is. */
  slope: "slope",
  gradient: "gradient",
  intercept: "intercept",
} as const;
