export const concluding = {
  /** What a result may be taken from. */
  sourceWords: {
    slope: "{word, select, gradient {the gradient of a line} other {the slope of a line}}",
    intercept: "the intercept of a line",
    parameter: "a parameter of a curve",
    crossing: "where two lines cross",
    "read-off": "a value read off",
    mean: "the mean of a quantity",
    none: "constants and earlier results",
  },
  byWords: {
    theory: "by the theory, solved for it",
    formula: "by a formula of one’s own",
    itself: "as it stands",
  },
  usesWords: {
    house: "as the house rules say",
    range: "half the slope range",
    error: "the standard error",
  },
  stepWords: {
    theory: "theory",
    "stands-for": "so it stands for",
    solved: "solved",
    formula: "formula",
    counted: "counted in SI units",
    numbers: "numbers in",
    value: "value",
    together: "± together",
  },
  /** Stands before a line of a working: "so the gradient is". */
  soItIs:
    "{about, select, slope {so the slope is} gradient {so the gradient is} intercept {so the intercept is} other {so it stands for}}",
  /** Where a result comes from; the figure or quantity is named as "Figure 2". */
  fromSource: {
    slope:
      "{word, select, gradient {From the gradient of {named}.} other {From the slope of {named}.}}",
    intercept: "From the intercept of {named}.",
    parameter: "From the curve in {named}.",
    crossing: "From where the lines of {named} cross.",
    "read-off": "Read off {named}.",
    mean: "From the mean of {named}.",
    none: "From constants and earlier results.",
  },
  /** How a result lies beside the accepted value. */
  compared: {
    meets: {
      exactly: "The two ranges meet: the result agrees with the accepted value within its ±.",
      off: "The two ranges meet: the result agrees with the accepted value within its ±, though it is {way, select, high {high} other {low}}.",
      by: "The two ranges meet: the result agrees with the accepted value within its ±, though it is {percent} % {way, select, high {high} other {low}}.",
    },
    misses: {
      exactly:
        "The two ranges do not meet: the result disagrees with the accepted value; it agrees exactly.",
      off: "The two ranges do not meet: the result disagrees with the accepted value; it is {way, select, high {high} other {low}}.",
      by: "The two ranges do not meet: the result disagrees with the accepted value; it is {percent} % {way, select, high {high} other {low}}.",
    },
    inCombined: "That is {times} combined standard uncertainties.",
  },
  explanation:
    "{size, select, large {A {name} taken {off} too large would explain it.} other {A {name} taken {off} too small would explain it.}}",
  /** What to do about the largest part of a ±; begins with a name, whose first letter becomes a capital. */
  part: {
    constant:
      "{name} brings {percent} % of it. Measure it at more places, or with a finer instrument.",
    column: "{name} brings {percent} % of it. It is common to all rows: take more of them.",
    source:
      "{name} brings {percent} % of it. Take readings over a wider range, and make the error bars of the end points shorter.",
  },
  /** What kind of effect it is, in a word. */
  effectKinds: { instrument: "instrument", random: "random", systematic: "systematic" },
  /** What an effect seen in the readings may mean. */
  effects: {
    instrument:
      "The repeats of {quantity} agree better than the ± says: could it be read more finely, or more of it at once, and might it be off by the same amount each time?",
    ofInstrument:
      "The repeats of {quantity} agree better than the ± of the {instrument} says: could it be read more finely, or more of it at once, and might it be off by the same amount each time?",
    "intercept-off-zero":
      "The intercept lies off zero: is there a zero error, or an offset that shifts every reading alike?",
    "curve-in-residuals":
      "The readings lie about the line in a pattern: does something leave the theory out of account, such as friction, heating or drift?",
    "line-misses-boxes":
      "Readings scatter more than their ± says: what else varied from reading to reading?",
    "bars-seem-too-long":
      "Readings scatter less than their ± says: is the ± of the instrument taken too large?",
    "dominant-reading": "One reading alone holds the line: can it be repeated?",
  },
  found: "Found: {text}.",
} as const;
