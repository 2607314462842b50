import type { Curve, CurveFamily } from "@/investigation/model/curve";

/** What each shape is called. */
export const familyNames: Readonly<Record<CurveFamily, string>> = {
  parabola: "parabola",
  cubic: "third degree",
  quartic: "fourth degree",
  quintic: "fifth degree",
  sextic: "sixth degree",
  power: "power law",
  exponential: "exponential",
  "exponential-offset": "exponential to a level",
  logarithm: "logarithm",
  reciprocal: "reciprocal",
  "inverse-square": "inverse square",
  saturation: "saturation",
  logistic: "logistic growth",
  gaussian: "bell-shaped peak",
  sine: "sine",
  "damped-sine": "fading sine",
  own: "formula of one’s own",
};

/** What a curve is called in a legend and in the margin. */
export function curveName({ family, formula }: Pick<Curve, "family" | "formula">): string {
  return family === "own" && formula.trim() !== "" ? formula.trim() : familyNames[family];
}

export const reachOfCurve: Readonly<Record<Curve["reach"], string>> = {
  data: "from the first reading to the last",
  paper: "across the paper",
  stretch: "over a stretch",
};

export const bandsOfCurve: Readonly<Record<Curve["bands"], string>> = {
  none: "none",
  confidence: "of the curve",
  prediction: "of a new reading",
  both: "both",
};

/** Said under curves that are compared. */
export const comparedCurves =
  "Physics chooses the curve, not the largest R²: a further parameter always brings the curve nearer to the points. The criterion (AICc) counts that against it; lower is better, and a difference below 2 tells nothing.";

/** In place of the number of a parameter that the points leave open. */
export const notTold = "not told by these points";

/** How near a curve comes to its points, and how sure its parameters are. */
export const curveMeasureWords = {
  points: "points",
  freedom: "degrees of freedom",
  off: "standard deviation off it",
  rSquared: "R²",
  adjusted: "adjusted R²",
  chiSquare: "χ²",
  reduced: "reduced χ²",
  intervals: "Intervals of its parameters",
  level: "Level, of its bands too",
  none: "Intervals need more readings than parameters.",
} as const;

/** Which factor makes an interval from a standard error. */
export function degreesOfFreedom(count: number): string {
  return `Student’s t with ${count} ${count === 1 ? "degree" : "degrees"} of freedom.`;
}

/** A fit that took long is there, to those who hear the page. */
export const curveFittedSpoken = (name: string) => `Fitted: ${name}.`;
