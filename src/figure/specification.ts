import type { RunText } from "@/core/unit/runText";

/** Where an axis begins and ends. */
export type RangeSpecification =
  | { readonly kind: "fill" }
  | { readonly kind: "zero" }
  /** By hand; a part that is missing is found as if the axis filled the paper. */
  | { readonly kind: "hand"; readonly from?: number; readonly to?: number; readonly step?: number };

/** What one axis is to say, "overhang, L / m", and how it runs. */
export interface AxisSpecification {
  readonly name: string;
  readonly symbol: RunText;
  readonly unit: RunText;
  /** Words of one's own in place of name, symbol and unit. */
  readonly label?: string;
  readonly range: RangeSpecification;
  readonly scale: "linear" | "log";
  readonly reversed: boolean;
  /** How its numbers are written; "fit" where it is absent. */
  readonly numbers?: "fit" | "plain" | "shared" | "each";
  /** At least so many decimals. */
  readonly decimals?: number;
}

/** Lengths of bars up (or right) and down (or left); 0 where there is none. */
export interface BarsSpecification {
  readonly up: ArrayLike<number>;
  readonly down: ArrayLike<number>;
}

/** Readings as points with their bars, in the axes' units. */
export interface PointsSpecification {
  readonly x: ArrayLike<number>;
  readonly y: ArrayLike<number>;
  readonly xBars: BarsSpecification;
  readonly yBars: BarsSpecification;
  /** Points that are set aside: on the paper, hollow, without bars. */
  readonly aside: { readonly x: readonly number[]; readonly y: readonly number[] };
}

/** y = slope · x + intercept, in the axes' units. */
export interface LineSpecification {
  readonly slope: number;
  readonly intercept: number;
  /** The best line is drawn through; how far it can turn is drawn in the colour of what is uncertain. */
  readonly role: "best" | "steepest" | "shallowest" | "unweighted" | "straightedge" | "zero";
  /** Only between these x; across the whole paper where it is absent. */
  readonly reach?: { readonly from: number; readonly to: number };
  /** Written beside the line; where it was put, as parts of the drawing area, or where it covers least. */
  readonly equation?: {
    readonly id: string;
    readonly text: RunText;
    readonly at?: { readonly across: number; readonly down: number };
  };
}

/** A band about a line: its half-width at x is t √(atCentre + ofSlope (x − centre)²). */
export interface BandSpecification {
  readonly kind: "confidence" | "prediction";
  readonly slope: number;
  readonly intercept: number;
  readonly centre: number;
  readonly atCentre: number;
  readonly ofSlope: number;
  readonly t: number;
}

/** A curve as it is drawn: places near enough to each other to look smooth, in the axes' units. */
export interface CurveSpecification {
  readonly id: string;
  readonly name: string;
  /** The series that it belongs to, by its index in the figure. */
  readonly series: number;
  readonly x: ArrayLike<number>;
  readonly y: ArrayLike<number>;
  /** Half-widths of its bands at the same x. */
  readonly confidence?: ArrayLike<number>;
  readonly prediction?: ArrayLike<number>;
}

/** A right-angled triangle under a line, from one x to another, with words along its two short sides. */
export interface TriangleSpecification {
  readonly from: number;
  readonly to: number;
  readonly slope: number;
  readonly intercept: number;
  readonly across: RunText;
  readonly up: RunText;
}

/** Shapes that stand for points. */
export type MarkerShape = "disc" | "triangle" | "square" | "diamond" | "turned" | "cross" | "plus";

/** The names of colours that a series may be drawn in. */
export type SeriesColour = "ink" | "petrol" | "ochre" | "plum" | "moss" | "slate";

/** What was chosen for one series; what is absent follows from its number. */
export interface SeriesLookSpecification {
  readonly marker?: MarkerShape;
  readonly size?: LookSpecification["markers"];
  readonly colour?: SeriesColour;
  readonly hollow?: boolean;
  readonly stroke?: "solid" | "dashed" | "dotted" | "mixed";
  /** Stands in the legend in place of its name. */
  readonly legend?: string;
}

/** Points that share a marker, and their lines. */
export interface SeriesSpecification {
  /** Which series it is, whatever else the figure shows. */
  readonly key?: string;
  /** The symbol of its quantity where several share the paper: it stands for the name in the legend. */
  readonly symbol?: RunText;
  /** "" where the points belong to no series and there is none. */
  readonly name: string;
  /** Which marker and colour it has, counted from 0. */
  readonly seriesNumber: number;
  readonly own?: SeriesLookSpecification;
  /** It has a line and no points: no legend tells of it. */
  readonly lineAlone?: boolean;
  readonly points: PointsSpecification;
  readonly lines: readonly LineSpecification[];
  readonly bands: readonly BandSpecification[];
}

/** How units and numbers are written: "L / m" or "L (m)", 0.5 or 0,5. */
export interface StyleSpecification {
  readonly headings: "slash" | "brackets";
  readonly decimalMark: "point" | "comma";
}

/** How the figure is drawn. */
export interface LookSpecification {
  readonly style: "screen" | "print";
  readonly markers: "small" | "medium" | "large";
  readonly bars: "capped" | "plain" | "boxes" | "ellipses" | "none";
  /** Which way bars are drawn; both where it is absent. */
  readonly barsAlong?: "both" | "up" | "across";
  readonly join: "none" | "segments" | "guide";
  /** A shaded stretch between the upper and the lower end of the bars. */
  readonly band: boolean;
  readonly grid: "none" | "major" | "paper";
  readonly ticks: "outside" | "inside" | "across";
  readonly frame: boolean;
  readonly arrows: boolean;
  readonly gap: boolean;
  readonly lettering: "sans" | "serif";
  readonly line: "thin" | "medium" | "thick";
}

/** Words at a place in the axes' units, with an arrow to another place or none. */
export interface LabelSpecification {
  readonly id: string;
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly to?: { readonly x: number; readonly y: number };
}

/** The strip under the drawing area, over the same x: how far each reading is off its line. */
export interface StripSpecification {
  readonly y: AxisSpecification;
  readonly series: readonly SeriesSpecification[];
}

/** Sizes in points of the numbers at ticks, of words along axes, and of equations; what is absent follows the text size. */
export interface LettersSpecification {
  readonly numbers?: number;
  readonly words?: number;
  readonly equations?: number;
}

/** All that a figure shows, before anything has a place. Lengths in points (1/72 inch). */
export interface FigureSpecification {
  readonly width: number;
  readonly height: number;
  /** Size of the tick labels; the other texts follow it. */
  readonly textSize: number;
  /** Sizes of one's own, in points. */
  readonly letters?: LettersSpecification;
  /** Absent in the small figure of the margin. */
  readonly title?: RunText;
  /** Stands under the figure, with its number. */
  readonly caption?: RunText;
  readonly x: AxisSpecification;
  readonly y: AxisSpecification;
  /** One at least; several have markers of their own and a legend. */
  readonly series: readonly SeriesSpecification[];
  readonly style: StyleSpecification;
  readonly look: LookSpecification;
  readonly labels: readonly LabelSpecification[];
  readonly strip?: StripSpecification;
  readonly curves?: readonly CurveSpecification[];
  readonly triangle?: TriangleSpecification;
  /** Where the legend was put, as parts of the drawing area; absent while it finds its own place. */
  readonly legend?: { readonly across: number; readonly down: number };
}

/** How many points a figure shows, those set aside apart. */
export function pointCount(figure: FigureSpecification): { taking: number; aside: number } {
  return figure.series.reduce(
    ({ taking, aside }, { points }) => ({
      taking: taking + points.x.length,
      aside: aside + points.aside.x.length,
    }),
    { taking: 0, aside: 0 },
  );
}
