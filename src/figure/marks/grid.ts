import type { Frame } from "../layout/frame";
import { inksOf } from "../palette";
import { stroke } from "../path/outlines";
import type { Path } from "../path/path";
import type { Shape } from "../scene";
import type { FigureMark } from "./mark";

function lines(frame: Frame, xs: readonly number[], ys: readonly number[]): Path {
  const upright = xs.flatMap((x) =>
    stroke(frame.across(x), frame.top, frame.across(x), frame.bottom),
  );
  const level = ys.flatMap((y) => stroke(frame.left, frame.up(y), frame.right, frame.up(y)));
  return [...upright, ...level];
}

/** The ruling of graph paper, fine and coarse, or the coarse alone. */
export const grid: FigureMark = ({ look }, frame) => {
  if (look.grid === "none") return [];
  const { majorGrid, minorGrid } = inksOf(look);
  const { xScale, yScale } = frame;
  const fine: Shape = {
    kind: "path",
    role: "minor-grid",
    stroke: minorGrid,
    strokeWidth: 0.4,
    path: lines(frame, xScale.minorTicks, yScale.minorTicks),
  };
  const values = ({ ticks }: Frame["xScale"]) => ticks.map(({ value }) => value);
  const coarse: Shape = {
    kind: "path",
    role: "major-grid",
    stroke: majorGrid,
    strokeWidth: 0.6,
    path: lines(frame, values(xScale), values(yScale)),
  };
  return look.grid === "paper" ? [fine, coarse] : [coarse];
};
