import { documentVersion, type Investigation } from "./investigation";

/** A new investigation: two unnamed quantities to type into at once, set on the axes of one figure. */
export function emptyInvestigation(title = ""): Investigation {
  return {
    version: documentVersion,
    title,
    quantities: {
      x: { order: "a0", name: "", symbol: "x", unit: "", uncertainty: { kind: "none" } },
      y: { order: "a1", name: "", symbol: "y", unit: "", uncertainty: { kind: "none" } },
    },
    rows: {},
    figures: { main: { order: "a0", title: "", x: "x", y: "y" } },
    houseRules: { figuresOfUncertainty: "one", decimalMark: "point" },
  };
}
