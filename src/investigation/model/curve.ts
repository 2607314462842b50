import type { Chosen } from "./choices";

/** The shapes a curve may have; "own" is a formula of one's own. */
export const curveFamilies = [
  ...(["parabola", "cubic", "quartic", "quintic", "sextic"] as const),
  ...(["power", "exponential", "exponential-offset", "logarithm"] as const),
  ...(["reciprocal", "inverse-square", "saturation", "logistic"] as const),
  ...(["gaussian", "sine", "damped-sine", "own"] as const),
];
export type CurveFamily = (typeof curveFamilies)[number];

/** What a person said of one parameter; empty words leave it to the fit. */
export interface CurveParameter {
  /** Where the search starts, or the value that it keeps. */
  start: string;
  fixed: boolean;
  least: string;
  most: string;
}

/** The words that each choice of a curve may have. */
export const curveValues = {
  family: curveFamilies,
  /** Whether the bars of y count as weights. */
  weights: ["none", "y"],
  /** How far it is drawn. */
  reach: ["data", "paper", "stretch"],
  bands: ["none", "confidence", "prediction", "both"],
  /** Level of confidence in percent, of its bands and of the intervals of its parameters. */
  level: ["68.3", "90", "95", "99"],
} as const;

/** A curve fitted to one series of a figure. */
export interface Curve extends Chosen<typeof curveValues> {
  order: string;
  /** In the symbol of the quantity across, with parameters of one's own names; empty in every other family. */
  formula: string;
  /** The series that it is fitted to: its `seriesKey`. */
  series: string;
  /** Only those about which something was said. */
  parameters: Record<string, CurveParameter>;
  /** Only readings between these x take part; empty means no bound. */
  from: string;
  to: string;
  /** From where to where it is drawn, if that is chosen. */
  drawnFrom: string;
  drawnTo: string;
  shown: boolean;
}

export const plainParameter: CurveParameter = { start: "", fixed: false, least: "", most: "" };

/** A curve as it begins. */
export function plainCurve(order: string, family: CurveFamily, series: string): Curve {
  return {
    order,
    family,
    formula: "",
    series,
    weights: "none",
    parameters: {},
    from: "",
    to: "",
    reach: "data",
    drawnFrom: "",
    drawnTo: "",
    shown: true,
    bands: "none",
    level: "95",
  };
}
