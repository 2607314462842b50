export const curves = {
  /** What each shape is called. */
  familyNames: {
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
  },
  reachOfCurve: {
    data: "from the first reading to the last",
    paper: "across the paper",
    stretch: "over a stretch",
  },
  bandsOfCurve: {
    none: "none",
    confidence: "of the curve",
    prediction: "of a new reading",
    both: "both",
  },
  /** How near a curve comes to its points, and how sure its parameters are. */
  curveMeasureWords: {
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
  },
  compared:
    "Physics chooses the curve, not the largest R²: a further parameter always brings the curve nearer to the points. The criterion (AICc) counts that against it; lower is better, and a difference below 2 tells nothing.",
  /** In place of the number of a parameter that the points leave open. */
  notTold: "not told by these points",
  freedom:
    "{count, plural, one {Student’s t with # degree of freedom.} other {Student’s t with # degrees of freedom.}}",
  fitted: "Fitted: {name}.",
} as const;
