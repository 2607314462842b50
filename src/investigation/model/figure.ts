/** How an axis runs. Typed numbers stay as they were typed, also while another range is chosen. */
export interface Axis {
  range: "fill" | "zero" | "hand";
  from: string;
  to: string;
  step: string;
  scale: "linear" | "log";
  reversed: boolean;
  /** What stands along it; empty means the proposed words. */
  label: string;
}

/** How a figure is drawn; each word is a choice of its own. */
export interface FigureLook {
  style: "screen" | "print";
  size: "report" | "half" | "slide" | "poster" | "own";
  /** Centimetres as typed, for a size of one's own. */
  width: string;
  height: string;
  markers: "small" | "medium" | "large";
  bars: "capped" | "plain" | "boxes" | "ellipses" | "none";
  join: "none" | "segments" | "guide";
  band: boolean;
  grid: "none" | "major" | "paper";
  ticks: "outside" | "inside" | "across";
  frame: boolean;
  arrows: boolean;
  gap: boolean;
  lettering: "sans" | "serif";
  line: "thin" | "medium" | "thick";
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

/** How the best line of a figure is laid, and which lines are drawn. */
export interface LineChoice {
  /** Which error bars count. */
  weights: "none" | "y" | "xy";
  /** What it has to keep to. */
  held: "free" | "zero" | "intercept" | "slope" | "point";
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
  labels: Record<string, FigureLabel>;
  /** Where the legend was dragged to; null while it finds its own place. */
  legend: PaperPlace | null;
  /** Whether the best line is written beside it as an equation. */
  equation: boolean;
  line: LineChoice;
}

/** The words that each choice of a look may have. */
export const lookValues = {
  style: ["screen", "print"],
  size: ["report", "half", "slide", "poster", "own"],
  markers: ["small", "medium", "large"],
  bars: ["capped", "plain", "boxes", "ellipses", "none"],
  join: ["none", "segments", "guide"],
  grid: ["none", "major", "paper"],
  ticks: ["outside", "inside", "across"],
  lettering: ["sans", "serif"],
  line: ["thin", "medium", "thick"],
} as const;

/** What a line may keep to, and whose bars may count. */
export const lineValues = {
  weights: ["none", "y", "xy"],
  held: ["free", "zero", "intercept", "slope", "point"],
} as const;

export const plainLine: LineChoice = {
  ...{ weights: "none", held: "free", intercept: "0", slope: "1", pointX: "0", pointY: "0" },
  ...{ from: "", to: "", best: true, steepest: true, shallowest: true },
};

export const plainAxis: Axis = {
  ...{ range: "fill", from: "", to: "", step: "", scale: "linear", reversed: false, label: "" },
};

export const plainLook: FigureLook = {
  ...{ style: "screen", size: "report", width: "17", height: "12", markers: "medium" },
  ...{ bars: "capped", join: "none", band: false, grid: "paper", ticks: "outside", frame: false },
  ...{ arrows: false, gap: false, lettering: "sans", line: "medium" },
};

/** A figure as it begins. */
export function plainFigure(order: string, x: string | null, y: string | null): Figure {
  return {
    ...{ order, title: "", caption: "", x, y, also: {}, labels: {}, legend: null, equation: false },
    axes: { x: { ...plainAxis }, y: { ...plainAxis } },
    look: { ...plainLook },
    line: { ...plainLine },
  };
}
