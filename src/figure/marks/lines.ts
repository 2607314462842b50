import { type Frame } from "../layout/frame";
import { coordinate, stroke } from "../layout/pathText";
import { colourOf, inksOf } from "../palette";
import type { Shape } from "../scene";
import type { FigureSpecification, LineSpecification } from "../specification";
import type { Mark } from "./mark";

const widths = { thin: 0.75, medium: 1.1, thick: 1.7 } as const;

/** How thick the lines of a look are, in points. */
export function strokeOf({ line }: FigureSpecification["look"]): number {
  return widths[line];
}

/** The x where the line meets a level, kept inside [from, to]. */
function meets({ slope, intercept }: LineSpecification, y: number, from: number, to: number) {
  return Math.min(to, Math.max(from, (y - intercept) / slope));
}

/** The ends in x between which a line lies on the paper, or nothing. */
function endsOnPaper(line: LineSpecification, frame: Frame): [number, number] | undefined {
  const { from, to } = frame.xScale;
  const { from: low, to: high } = frame.yScale;
  if (line.slope === 0) {
    return line.intercept < low || line.intercept > high ? undefined : [from, to];
  }
  const ends = [meets(line, low, from, to), meets(line, high, from, to)] as [number, number];
  return ends[0] === ends[1] ? undefined : ends;
}

const bends = 120;

/** A straight line is a curve where an axis is logarithmic. */
function curved(line: LineSpecification, [a, b]: [number, number], frame: Frame): string {
  const [start, end] = [frame.across(a), frame.across(b)];
  const places = Array.from({ length: bends + 1 }, (_, i) => {
    const across = start + ((end - start) * i) / bends;
    return [across, line.slope * frame.xAt(across) + line.intercept] as const;
  }).filter(([, y]) => frame.yScale.kind === "linear" || y > 0);
  const text = places.map(([x, y]) => `${coordinate(x)} ${coordinate(frame.up(y))}`);
  return text.length > 1 ? `M${text.join("L")}` : "";
}

function onPaper(line: LineSpecification, frame: Frame): string {
  const ends = endsOnPaper(line, frame);
  if (!ends) return "";
  if (frame.xScale.kind === "log" || frame.yScale.kind === "log") return curved(line, ends, frame);
  const y = (x: number) => frame.up(line.slope * x + line.intercept);
  return stroke(frame.across(ends[0]), y(ends[0]), frame.across(ends[1]), y(ends[1]));
}

/** Dashes of the lines that turn furthest: long for the steepest, dots for the shallowest. */
const dashes = { steepest: [7, 3], shallowest: [1.4, 2.2] } as const;

/** The best lines, solid, across the paper; the steepest and the shallowest dashed in the colour of what is uncertain. */
export const lines: Mark = (figure, frame) => {
  const { look } = figure;
  const strokeWidth = strokeOf(look);
  return figure.series.flatMap((series) =>
    series.lines.flatMap((line): Shape[] => {
      const d = onPaper(line, frame);
      if (d === "") return [];
      const { role } = line;
      if (role === "best") {
        return [
          { kind: "path", role: "best-line", d, stroke: colourOf(series, look), strokeWidth },
        ];
      }
      const drawn = { stroke: inksOf(look).magenta, strokeWidth: strokeWidth * 0.9 };
      return [{ kind: "path", role: `${role}-line`, d, ...drawn, dash: dashes[role] }];
    }),
  );
};
