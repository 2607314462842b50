export const spokenReadings = {
  /** A number with a power of ten, as it is heard. */
  withPower: "{number} times 10 to the {exponent}",
} as const;
