import type { Chosen } from "./choices";
import type { Curve } from "./curve";

/** The words that each choice of an axis may have. */
export const axisValues = {
  range: ["fill", "zero", "hand"],
  scale: ["linear", "log"],
  /** How its numbers are written: as they fit, in full, with one power of ten in the label, or each with its own. */
  numbers: ["fit", "plain", "shared", "each"],
} as const;

/** The words that each choice of a look may have. */
export const lookValues = {
  style: ["screen", "print"],
  size: ["report", "half", "slide", "poster", "own"],
  markers: ["small", "medium", "large"],
  bars: ["capped", "plain", "boxes", "ellipses", "none"],
  /** Which way bars are drawn: along both axes, or along one of them. */
  barsAlong: ["both", "up", "across"],
  join: ["none", "segments", "guide"],
  grid: ["none", "major", "paper"],
  ticks: ["outside", "inside", "across"],
  lettering: ["sans", "serif"],
  line: ["thin", "medium", "thick"],
} as const;

/** The words that each choice of a series' own look may have; "auto" leaves what its number proposes. */
export const seriesLookValues = {
  marker: ["auto", "disc", "triangle", "square", "diamond", "turned", "cross", "plus"],
  size: ["auto", "small", "medium", "large"],
  colour: ["auto", "ink", "petrol", "ochre", "plum", "moss", "slate"],
  stroke: ["auto", "solid", "dashed", "dotted", "mixed"],
} as const;

/** The words that each choice of a line may have. */
export const lineValues = {
  /** Which error bars count. */
  weights: ["none", "y", "xy"],
  /** What it has to keep to. */
  held: ["free", "zero", "intercept", "slope", "point"],
  bands: ["none", "confidence", "prediction", "both"],
  /** Level of confidence in percent. */
  level: ["68.3", "90", "95", "99"],
  /** The strip of how far each reading is off the line, under the figure: in the unit of y, or counted in bars. */
  strip: ["none", "unit", "bars"],
} as const;

/** How far a line is drawn: across the paper, or from the first reading to the last. */
export const lineReach = ["paper", "data"] as const;

/** Lines that are drawn, or laid by hand in their place. */
export const lineRoles = ["best", "steepest", "shallowest"] as const;
export type LineRole = (typeof lineRoles)[number];

/** What a straightedge stands for in the slope range by hand, if anything. */
export const straightedgeRoles = ["none", ...lineRoles] as const;

/** How an axis runs. Typed numbers stay as they were typed, also while another range is chosen. */
export interface Axis extends Chosen<typeof axisValues> {
  from: string;
  to: string;
  step: string;
  reversed: boolean;
  /** At least so many decimals, as typed; empty means as many as the ticks need. */
  decimals: string;
  /** What stands along it; empty means the proposed words. */
  label: string;
}

/** How a figure is drawn; each word is a choice of its own. */
export interface FigureLook extends Chosen<typeof lookValues> {
  /** Centimetres as typed, for a size of one's own. */
  width: string;
  height: string;
  band: boolean;
  frame: boolean;
  arrows: boolean;
  gap: boolean;
  /** Sizes of letters in points as printed, as typed; empty means the size that belongs to the printed size. */
  numberSize: string;
  wordSize: string;
  equationSize: string;
}

/** How one series is drawn where that is not what its number proposes; "auto" leaves what it proposes. */
export interface SeriesLook extends Chosen<typeof seriesLookValues> {
  filled: boolean;
  /** What stands in the legend; empty means its name. */
  legend: string;
}

/** Words on a figure, at a place in the axes' units; with an arrow to another place, or none. */
export interface FigureLabel {
  order: string;
  text: string;
  x: number;
  y: number;
  toX?: number;
  toY?: number;
}

/** Where something on the paper was put by hand, as parts of the drawing area from its upper left corner. */
export interface PaperPlace {
  across: number;
  down: number;
}

/** A line laid by hand between two handles, in the axes' units. */
export interface Straightedge {
  order: string;
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  role: (typeof straightedgeRoles)[number];
  /** The series that it is laid along: its `seriesKey`. */
  series: string;
}

/** The slope triangle: from one x on the best line to another. */
export interface SlopeTriangle {
  from: number;
  to: number;
}

/** How the best line of a figure is laid, and which lines are drawn. */
export interface LineChoice extends Chosen<typeof lineValues> {
  /** Typed numbers of what it is held by. */
  intercept: string;
  slope: string;
  pointX: string;
  pointY: string;
  /** Only readings between these x take part; empty means no bound. */
  from: string;
  to: string;
  best: boolean;
  steepest: boolean;
  shallowest: boolean;
  /** Whether the ± count only beside one another, their common size being found from the scatter. */
  relative: boolean;
  /** One line over all series. */
  together: boolean;
  /** Beside the one line over all series one for each. */
  each: boolean;
  /** Whether the unweighted line is drawn beside a weighted one. */
  compare: boolean;
  reach: Record<LineRole, (typeof lineReach)[number]>;
  /** Which further lines are labelled with their equation; the best one's is the figure's `equation`. */
  labelled: { steepest: boolean; shallowest: boolean };
  /** Whether the theory says that the line goes through zero. */
  expectsZero: boolean;
}

/** One figure: which quantities go along which axis, and how it is drawn. An empty title means the proposed one. */
export interface Figure {
  order: string;
  title: string;
  caption: string;
  x: string | null;
  y: string | null;
  /** Further quantities against the same axis, by their ids, with their order. */
  also: Record<string, string>;
  axes: { x: Axis; y: Axis };
  look: FigureLook;
  /** Series that are drawn in a way of their own, by their `seriesKey`. */
  seriesLooks: Record<string, SeriesLook>;
  labels: Record<string, FigureLabel>;
  /** Where the legend was dragged to; null while it finds its own place. */
  legend: PaperPlace | null;
  /** Whether the best line is written beside it as an equation. */
  equation: boolean;
  /** Where equations were dragged to, by the line and the key of its series: "best-thin", or "best-" where there are none. */
  equations: Record<string, PaperPlace>;
  line: LineChoice;
  straightedges: Record<string, Straightedge>;
  /** Null while none is drawn. */
  triangle: SlopeTriangle | null;
  curves: Record<string, Curve>;
}

export const plainLine: LineChoice = {
  weights: "none",
  held: "free",
  intercept: "0",
  slope: "1",
  pointX: "0",
  pointY: "0",
  from: "",
  to: "",
  best: true,
  steepest: true,
  shallowest: true,
  relative: false,
  together: false,
  each: false,
  compare: false,
  expectsZero: false,
  reach: { best: "paper", steepest: "paper", shallowest: "paper" },
  labelled: { steepest: false, shallowest: false },
  bands: "none",
  level: "95",
  strip: "none",
};

export const plainAxis: Axis = {
  range: "fill",
  from: "",
  to: "",
  step: "",
  scale: "linear",
  reversed: false,
  label: "",
  numbers: "fit",
  decimals: "",
};

export const plainLook: FigureLook = {
  style: "screen",
  size: "report",
  width: "17",
  height: "12",
  markers: "medium",
  bars: "capped",
  join: "none",
  band: false,
  grid: "paper",
  ticks: "outside",
  frame: false,
  arrows: false,
  gap: false,
  lettering: "sans",
  line: "medium",
  barsAlong: "both",
  numberSize: "",
  wordSize: "",
  equationSize: "",
};

/** A series as its number proposes. */
export const plainSeriesLook: SeriesLook = {
  marker: "auto",
  size: "auto",
  colour: "auto",
  filled: true,
  stroke: "auto",
  legend: "",
};

/** A figure as it begins. */
export function plainFigure(order: string, x: string | null, y: string | null): Figure {
  return {
    order,
    title: "",
    caption: "",
    x,
    y,
    also: {},
    labels: {},
    legend: null,
    equation: false,
    axes: { x: { ...plainAxis }, y: { ...plainAxis } },
    look: { ...plainLook },
    seriesLooks: {},
    line: structuredClone(plainLine),
    equations: {},
    straightedges: {},
    triangle: null,
    curves: {},
  };
}
