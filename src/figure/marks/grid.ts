import type { Frame } from "../layout/frame";
import { stroke } from "../layout/pathText";
import { inksOf } from "../palette";
import type { Shape } from "../scene";
import type { FigureMark } from "./mark";

function lines(frame: Frame, xs: readonly number[], ys: readonly number[]): string {
  const upright = xs.map((x) => stroke(frame.across(x), frame.top, frame.across(x), frame.bottom));
  const level = ys.map((y) => stroke(frame.left, frame.up(y), frame.right, frame.up(y)));
  return [...upright, ...level].join("");
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
    d: lines(frame, xScale.minorTicks, yScale.minorTicks),
  };
  const values = ({ ticks }: Frame["xScale"]) => ticks.map(({ value }) => value);
  const coarse: Shape = {
    kind: "path",
    role: "major-grid",
    stroke: majorGrid,
    strokeWidth: 0.6,
    d: lines(frame, values(xScale), values(yScale)),
  };
  return look.grid === "paper" ? [fine, coarse] : [coarse];
};
