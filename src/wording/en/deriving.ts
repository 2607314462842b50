export const deriving = {
  ruleNames: {
    "worst-case": "worst case",
    quadrature: "in quadrature",
  },
  /** The functions that a formula may hold. */
  functionWords: {
    title: "Functions that a formula may hold",
    hint: "Each writes an example with your own symbol, to go on from.",
    on: {
      row: "of a number, row by row (angles in radians)",
      neighbours: "of a row and the next one",
      column: "of the whole column, series by series",
    },
  },
  /** What stands before each line of a worked example. */
  steps: {
    formula: "formula",
    "written-out": "written out",
    numbers: "numbers in",
    value: "value",
    percentageOf: "percentage of",
    uncertaintyOf: "± of",
    broughtBy: "brought by",
    percentages: "percentages together",
    together: "together",
    stated: "stated",
  },
  /** Why worst case and quadrature differ here. */
  rules: {
    nothing: "Nothing in it has a ±, so there is nothing to add.",
    alike: "One input brings nearly all of the ±, so both ways agree.",
    apart:
      "Independent errors seldom all stand at their limits at once: quadrature gives {percent} % of the worst case.",
  },
  drawnSpoken: "Drawn: ± {uncertainty}.",
  /** What the draws say beside first order. */
  drawn: {
    limit:
      "Each ± was drawn as a limit, from a rectangle, so this is a standard deviation and smaller than a limit.",
    standard: "Each ± was drawn as a standard uncertainty, from a normal distribution.",
    differs: "It differs by {percent} % from first order, which misleads here.",
    agrees: "It agrees with first order.",
  },
  /** What to do about the ±, in one line. */
  advice: {
    none: "No input decides alone: each has to become surer.",
    decides: "{name} decides.",
    constant: "Measure that constant again.",
    repeats: "Take more repeats, or time more at once.",
    scatter: "Take more repeats, and see what makes them differ.",
    finer: "Read it with a finer instrument, or make it larger.",
    useless: "A surer {name} would change nothing.",
  },
} as const;
