import type { Frame } from "../layout/frame";
import { stroke } from "../layout/pathText";
import { palette } from "../palette";
import type { Mark } from "./mark";

function lines(frame: Frame, xs: readonly number[], ys: readonly number[]): string {
  const upright = xs.map((x) => stroke(frame.across(x), frame.top, frame.across(x), frame.bottom));
  const level = ys.map((y) => stroke(frame.left, frame.up(y), frame.right, frame.up(y)));
  return [...upright, ...level].join("");
}

/** The ruling of graph paper, fine and coarse. */
export const grid: Mark = (_, frame) => [
  {
    kind: "path",
    role: "minor-grid",
    d: lines(frame, frame.xScale.minorTicks, frame.yScale.minorTicks),
    stroke: palette.minorGrid,
    strokeWidth: 0.4,
  },
  {
    kind: "path",
    role: "major-grid",
    d: lines(
      frame,
      frame.xScale.ticks.map((tick) => tick.value),
      frame.yScale.ticks.map((tick) => tick.value),
    ),
    stroke: palette.majorGrid,
    strokeWidth: 0.6,
  },
];
