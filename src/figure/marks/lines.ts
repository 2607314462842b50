import type { Frame } from "../layout/frame";
import { stroke } from "../layout/pathText";
import { colourOf } from "../palette";
import type { LineSpecification } from "../specification";
import type { Mark } from "./mark";

/** The x where the line meets a level, kept inside [from, to]. */
function meets({ slope, intercept }: LineSpecification, y: number, from: number, to: number) {
  return Math.min(to, Math.max(from, (y - intercept) / slope));
}

/** The part of a line that lies on the paper, or nothing. */
function onPaper(line: LineSpecification, frame: Frame): string {
  const { from, to } = frame.xScale;
  const { from: low, to: high } = frame.yScale;
  const level = line.slope === 0;
  if (level && (line.intercept < low || line.intercept > high)) return "";
  const ends = level ? [from, to] : [meets(line, low, from, to), meets(line, high, from, to)];
  const [start = from, end = to] = ends;
  if (start === end) return "";
  const y = (x: number) => frame.up(line.slope * x + line.intercept);
  return stroke(frame.across(start), y(start), frame.across(end), y(end));
}

/** The best lines, solid, across the paper. */
export const lines: Mark = (figure, frame) =>
  figure.series.flatMap((series) =>
    series.lines.flatMap((line) => {
      const d = onPaper(line, frame);
      const stroke = colourOf(series);
      return d === ""
        ? []
        : [{ kind: "path", role: "best-line", d, stroke, strokeWidth: 1.1 } as const];
    }),
  );
