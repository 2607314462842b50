export const stages = {
  /** The seven stages as the rule names them, short. */
  names: {
    measure: "Measure",
    derive: "Derive",
    straighten: "Straighten",
    plot: "Plot",
    slope: "Slope",
    conclude: "Conclude",
    writeup: "Write up",
  },
} as const;
