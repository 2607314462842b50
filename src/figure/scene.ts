import type { Path } from "./path/path";

/** The shipped faces that a figure is set in. */
export type Face = "sans" | "sansBold" | "serif" | "serifBold" | "serifItalic" | "serifBoldItalic";

/** What a shape stands for; renderers and tests find shapes by it. */
export type ShapeRole =
  | "paper"
  | "minor-grid"
  | "major-grid"
  | "axis"
  | "ticks"
  | "tick-label"
  | "axis-label"
  | "title"
  | "error-bars"
  | "band"
  | "join"
  | "caption"
  | "equation"
  | "label"
  | "arrow"
  | "points"
  | "points-aside"
  | "legend"
  | "best-line"
  | "steepest-line"
  | "shallowest-line"
  | "unweighted-line"
  | "straightedge-line"
  | "zero-line"
  | "range-fan"
  | "confidence-band"
  | "prediction-band"
  | "curve"
  | "strip"
  | "strip-points"
  | "strip-bars"
  | "triangle"
  | "words"
  | "rule";

/** An outline, filled, drawn or both. */
export interface PathShape {
  readonly kind: "path";
  readonly role: ShapeRole;
  readonly path: Path;
  readonly fill?: string;
  readonly stroke?: string;
  readonly strokeWidth?: number;
  /** Lengths of dashes and gaps. */
  readonly dash?: readonly number[];
}

/** A drawn line without a colour of its own: it takes that of the words that it stands among. */
export type Stroke = Pick<PathShape, "path" | "strokeWidth">;

/** A stretch of text at its own place. */
export interface PlacedRun {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly face: Face;
}

/** A line of text, turned about (x, y) by `rotate` degrees. Runs are placed from that point on. */
export interface TextShape {
  readonly kind: "text";
  readonly role: ShapeRole;
  readonly x: number;
  readonly y: number;
  readonly rotate: number;
  readonly fill: string;
  readonly runs: readonly PlacedRun[];
}

export type Shape = PathShape | TextShape;

/** Where something stands that can be touched, as a box in points. */
export interface Spot {
  readonly kind:
    | "title"
    | "caption"
    | "x-axis"
    | "y-axis"
    | "x-label"
    | "y-label"
    | "legend"
    | "equation"
    | "label";
  /** The id of a label or an equation. */
  readonly id?: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A figure with everything in its place: numbers and strings in points, y downwards. */
export interface Scene {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
  readonly spots: readonly Spot[];
}
