export const straighten = {
  /** Spoken names of the transforms, for those who hear the board. */
  transformWords: {
    "-2": "to the power −2",
    "-1": "reciprocal",
    "-0.5": "to the power −1/2",
    "0.5": "square root",
    "1": "as read",
    "1.5": "to the power 3/2",
    "2": "squared",
    "3": "cubed",
    ln: "natural logarithm",
    log: "decimal logarithm",
    own: "one’s own",
  },
  lawNames: {
    line: "a straight line",
    power: "a power law",
    exponential: "an exponential",
    logarithm: "a logarithm",
    reciprocal: "a reciprocal of a line",
  },
  /** Why a pair is not straight while another one is; the other’s name stands before it. */
  whyBentSentences: {
    offset:
      "is straight, but does not begin at zero: a constant is added to y (an offset, a background, a zero error), and under a root, a power or a logarithm it bends the line. There it is the intercept.",
    "other-law": "is straight: y follows another power or law than this pair’s.",
  },
  /** What is offered where a curve stays. */
  remedyWords: {
    look: "Look at",
    against: "against",
    plot: "Plot {up} against {across}",
    parabola: "Fit a parabola",
    saturation: "Fit a saturation",
    level: "Fit an exponential to a level",
    offset: "Fit a power law with a constant added",
  },
  /** What a curve that no pair makes straight suggests, with a remedy. */
  suggestionSentences: {
    "starts-with-slope":
      "It bends upwards from a slope that is not zero, as a square law with a start of its own does (s = ut + ½at²). Plot y/x against x, or fit a parabola.",
    offset:
      "A constant added to y (a background, a zero error) bends every power and logarithm. Find it where nothing is there to be measured, and take it off first.",
    saturates: "It comes to a level. Plot 1/y against 1/x, or fit a saturation.",
    "falls-to-level":
      "It falls to a level that is not zero. Take that level off before the logarithm, or fit an exponential to a level.",
    "two-for-one":
      "There are two y for one x, one above zero and one below, as for a velocity against a position that goes back on itself: a parabola lying on its side. Square the other one: y² against x has one value for each.",
  },
  /** Names of the formulas of a theory, as they are heard. */
  theoryWords: {
    step: "Step {number}",
    pair: "What goes up against what goes across",
    slope: "Slope by the theory",
    intercept: "Intercept by the theory",
    plot: "Plot it: {up} against {across}",
  },
  /** What is said of pairs where the board stands as a list. */
  boardWords: {
    said: { straight: "straight", up: "bent upwards", down: "bent downwards" },
    list: "Pairs, the straightest first",
    against: "against",
  },
  /** What a transform makes of a name: "overhang cubed". */
  transformed: {
    "-2": "reciprocal square of {name}",
    "-1": "reciprocal of {name}",
    "-0.5": "reciprocal root of {name}",
    "0.5": "root of {name}",
    "1.5": "{name} to the power 3/2",
    "2": "{name} squared",
    "3": "{name} cubed",
    ln: "logarithm of {name}",
    log: "decimal logarithm of {name}",
  },
  pair: "{up} against {across}",
  /** How straight a pair is. */
  straightness: {
    few: "Too few points can be shown here: a line needs four to be judged.",
    misses:
      "Not straight as far as the bars tell: the line passes by more of them than chance allows, though the points bend neither way.",
    straight:
      "{by, select, bars {Straight as far as the points tell: no more bent than the bars explain.} other {Straight as far as the points tell: no more bent than the scatter explains.}}",
    bent: "{way, select, up {Bent upwards} other {Bent downwards}}, {by, select, bars {{times} times as much as the bars explain.} other {{times} times as much as the scatter explains.}}",
    farBent:
      "{way, select, up {Bent upwards} other {Bent downwards}}, {by, select, bars {far more than the bars explain.} other {far more than the scatter explains.}}",
  },
  /** Which laws the points leave open. */
  possible: {
    none: "None of the usual laws makes these points straight.",
    one: "Of the usual laws only {law} makes these points straight.",
    several: "These points can’t tell {laws} apart. Read over a wider range, or with a smaller ±.",
  },
  staysCurved: "Or, if no pair is straight",
  /** What is done to both sides of an equation. */
  steps: {
    "as-typed": "The equation as it is.",
    "bring-over": "Leave one term alone on its side.",
    logarithm: "Take the natural logarithm of both sides.",
    square: "Square both sides.",
    cube: "Cube both sides.",
    reciprocal: "Take the reciprocal of both sides.",
    root: "Take the root of both sides.",
    raise: "Raise both sides to the power {power}.",
    multiply: "Multiply by what stands below.",
    divide: "Divide so that one term is constant.",
  },
} as const;
