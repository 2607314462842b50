import type { Law } from "@/core/straighten/fromPoints";
import type { Suggestion } from "@/core/straighten/remainingCurve";
import type { WhyBent } from "@/core/straighten/whyBent";
import type { Act } from "@/core/straighten/steps";
import type { Straightness } from "@/core/straighten/straightness";
import type { TransformId } from "@/core/straighten/transforms";

/** What a transform makes of a name: "overhang cubed". */
export function transformedName(id: TransformId, name: string): string {
  const of = name.trim();
  if (of === "") return "";
  const names: Readonly<Record<TransformId, string>> = {
    "-2": `reciprocal square of ${of}`,
    "-1": `reciprocal of ${of}`,
    "-0.5": `reciprocal root of ${of}`,
    "0.5": `root of ${of}`,
    "1": of,
    "1.5": `${of} to the power 3/2`,
    "2": `${of} squared`,
    "3": `${of} cubed`,
    ln: `logarithm of ${of}`,
    log: `decimal logarithm of ${of}`,
    own: "",
  };
  return names[id];
}

/** Spoken names of the transforms, for those who hear the board. */
export const transformWords: Readonly<Record<TransformId, string>> = {
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
};

/** A pair of the board in words: "squared against cubed". */
export const pairName = (up: TransformId, across: TransformId) =>
  `${transformWords[up]} against ${transformWords[across]}`;

/** How straight a pair is, in words. */
export function straightnessSentence(
  straightness: Straightness | undefined,
  barred: boolean,
): string {
  if (!straightness) return "Too few points can be shown here: a line needs four to be judged.";
  const { bend, misfit = 0, sign } = straightness;
  const against = barred ? "the bars explain" : "the scatter explains";
  if (bend < 2 && misfit >= 2) {
    return "Not straight as far as the bars tell: the line passes by more of them than chance allows, though the points bend neither way.";
  }
  if (bend < 2) return `Straight as far as the points tell: no more bent than ${against}.`;
  const times = bend < 10 ? Number(bend.toPrecision(2)) : Math.round(bend);
  const way = sign > 0 ? "upwards" : "downwards";
  return `Bent ${way}, ${bend > 1000 ? "far more than" : `${times} times as much as`} ${against}.`;
}

export const lawNames: Readonly<Record<Law, string>> = {
  line: "a straight line",
  power: "a power law",
  exponential: "an exponential",
  logarithm: "a logarithm",
  reciprocal: "a reciprocal of a line",
};

/** Which laws the points leave open. */
export function possibleSentence(possible: readonly Law[]): string {
  const names = possible.map((law) => lawNames[law]);
  if (names.length === 0) return "None of the usual laws makes these points straight.";
  const last = names.at(-1) as string;
  if (names.length === 1) return `Of the usual laws only ${last} makes these points straight.`;
  return `These points can’t tell ${names.slice(0, -1).join(", ")} and ${last} apart. Read over a wider range, or with a smaller ±.`;
}

/** Why a pair is not straight while another one is; the other's name stands before it. */
export const whyBentSentences: Readonly<Record<WhyBent["kind"], string>> = {
  offset:
    "is straight, but does not begin at zero: a constant is added to y (an offset, a background, a zero error), and under a root, a power or a logarithm it bends the line. There it is the intercept.",
  "other-law": "is straight: y follows another power or law than this pair’s.",
};

/** What is offered where a curve stays. */
export const remedyWords = {
  look: "Look at",
  against: "against",
  plot: (up: string, across: string) => `Plot ${up} against ${across}`,
  parabola: "Fit a parabola",
  saturation: "Fit a saturation",
  level: "Fit an exponential to a level",
  offset: "Fit a power law with a constant added",
} as const;

export const staysCurvedTitle = "Or, if no pair is straight";

/** What a curve that no pair makes straight suggests, with a remedy. */
export const suggestionSentences: Readonly<Record<Suggestion, string>> = {
  "starts-with-slope":
    "It bends upwards from a slope that is not zero, as a square law with a start of its own does (s = ut + ½at²). Plot y/x against x, or fit a parabola.",
  offset:
    "A constant added to y (a background, a zero error) bends every power and logarithm. Find it where nothing is there to be measured, and take it off first.",
  saturates: "It comes to a level. Plot 1/y against 1/x, or fit a saturation.",
  "falls-to-level":
    "It falls to a level that is not zero. Take that level off before the logarithm, or fit an exponential to a level.",
  "two-for-one":
    "There are two y for one x, one above zero and one below, as for a velocity against a position that goes back on itself: a parabola lying on its side. Square the other one: y² against x has one value for each.",
};

const rootNames = new Map([
  [2, "Square both sides."],
  [3, "Cube both sides."],
  [-1, "Take the reciprocal of both sides."],
  [0.5, "Take the root of both sides."],
]);

const power = (value: number) => String(value).replace("-", "−");

/** What is done to both sides of an equation. */
export function stepSentence(act: Act): string {
  switch (act.kind) {
    case "as-typed":
      return "The equation as it is.";
    case "bring-over":
      return "Leave one term alone on its side.";
    case "logarithm":
      return "Take the natural logarithm of both sides.";
    case "raise":
      return rootNames.get(act.power) ?? `Raise both sides to the power ${power(act.power)}.`;
    case "multiply":
      return "Multiply by what stands below.";
    case "divide":
      return "Divide so that one term is constant.";
  }
}

/** Names of the formulas of a theory, as they are heard. */
export const theoryWords = {
  step: (number: number) => `Step ${number}`,
  pair: "What goes up against what goes across",
  slope: "Slope by the theory",
  intercept: "Intercept by the theory",
  plot: (up: string, across: string) => `Plot it: ${up} against ${across}`,
} as const;

/** What is said of pairs where the board stands as a list. */
export const boardWords = {
  list: "Pairs, the straightest first",
  against: "against",
  said: (how: "straight" | "up" | "down") =>
    ({ straight: "straight", up: "bent upwards", down: "bent downwards" })[how],
} as const;
