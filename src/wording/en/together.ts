export const together = {
  /** What is said of people who work on one sheet at the same time. */
  togetherWords: {
    here: "Also here",
    hasInHand: "{name} is here",
  },
} as const;
