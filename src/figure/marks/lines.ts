import { type Frame } from "../layout/frame";
import { colourOf, inksOf } from "../palette";
import { polyline, stroke } from "../path/outlines";
import type { Path, Place } from "../path/path";
import type { Shape } from "../scene";
import type {
  FigureSpecification,
  LineSpecification,
  LookSpecification,
  SeriesSpecification,
} from "../specification";
import type { FigureMark } from "./mark";

const widths = { thin: 0.75, medium: 1.1, thick: 1.7 } as const;

/** How thick the lines of a look are, in points. */
export function strokeOf({ line }: FigureSpecification["look"]): number {
  return widths[line];
}

/** The x where the line meets a level, kept inside [from, to]. */
function meets({ slope, intercept }: LineSpecification, y: number, from: number, to: number) {
  return Math.min(to, Math.max(from, (y - intercept) / slope));
}

/** The ends in x between which a line lies on the paper and within its reach, or nothing. */
function endsOnPaper(line: LineSpecification, frame: Frame): [number, number] | undefined {
  const from = Math.max(frame.xScale.from, line.reach?.from ?? -Infinity);
  const to = Math.min(frame.xScale.to, line.reach?.to ?? Infinity);
  if (from >= to) return undefined;
  const { from: low, to: high } = frame.yScale;
  if (line.slope === 0) {
    return line.intercept < low || line.intercept > high ? undefined : [from, to];
  }
  const ends = [meets(line, low, from, to), meets(line, high, from, to)] as [number, number];
  return ends[0] === ends[1] ? undefined : ends;
}

const bends = 120;

/** A straight line is a curve where an axis is logarithmic. */
function curved(line: LineSpecification, [a, b]: [number, number], frame: Frame): Path {
  const [start, end] = [frame.across(a), frame.across(b)];
  const places = Array.from({ length: bends + 1 }, (_, i) => {
    const across = start + ((end - start) * i) / bends;
    return [across, line.slope * frame.xAt(across) + line.intercept] as const;
  }).filter(([, y]) => frame.yScale.kind === "linear" || y > 0);
  return places.length > 1 ? polyline(places.map(([x, y]): Place => [x, frame.up(y)])) : [];
}

function onPaper(line: LineSpecification, frame: Frame): Path {
  const ends = endsOnPaper(line, frame);
  if (!ends) return [];
  if (frame.xScale.kind === "log" || frame.yScale.kind === "log") return curved(line, ends, frame);
  const y = (x: number) => frame.up(line.slope * x + line.intercept);
  return stroke(frame.across(ends[0]), y(ends[0]), frame.across(ends[1]), y(ends[1]));
}

/** Long dashes for the steepest, dots for the shallowest, both in turn for a line to compare with. */
const dashes = {
  best: undefined,
  straightedge: undefined,
  zero: undefined,
  steepest: [7, 3],
  shallowest: [1.4, 2.2],
  unweighted: [7, 2, 1.4, 2],
} as const;

/** Dashes that may be chosen for a best line. */
const chosenDashes = {
  solid: undefined,
  dashed: [4.5, 3],
  dotted: [1, 2.6],
  mixed: [5, 2, 1, 2],
} as const;

/** The dashes of a line: those of its role, or those chosen for the best line of its series. */
export function dashOf(
  { role }: Pick<LineSpecification, "role">,
  { own }: Pick<SeriesSpecification, "own">,
): readonly number[] | undefined {
  return role === "best" && own?.stroke ? chosenDashes[own.stroke] : dashes[role];
}

/** How thick a line is beside the best one. */
export const weights = {
  best: 1,
  steepest: 0.9,
  shallowest: 0.9,
  unweighted: 0.8,
  straightedge: 0.8,
  zero: 0.8,
} as const;

/** What a line is drawn in: its series' colour, that of construction lines, or that of what is uncertain. */
export function inkOf(
  { role }: LineSpecification,
  series: SeriesSpecification,
  look: LookSpecification,
) {
  if (role === "best" || role === "unweighted" || role === "zero") return colourOf(series, look);
  return role === "straightedge" ? inksOf(look).petrol : inksOf(look).magenta;
}

/**
 * The best lines, solid; the steepest and the shallowest dashed in the colour of what is uncertain; straightedges as
 * construction lines.
 */
export const lines: FigureMark = (figure, frame) => {
  const { look } = figure;
  return figure.series.flatMap((series) =>
    series.lines.flatMap((line): Shape[] => {
      const path = onPaper(line, frame);
      if (path.length === 0) return [];
      const { role } = line;
      const strokeWidth = strokeOf(look) * weights[role];
      const dash = dashOf(line, series);
      const drawn = { path, stroke: inkOf(line, series, look), strokeWidth };
      return [{ kind: "path", role: `${role}-line`, ...drawn, ...(dash && { dash }) }];
    }),
  );
};
