import { layFrame } from "@/figure/layout/frame";
import { figureSpecification } from "../../figure/figure";
import type { SlopeCheck } from "./slopeCheck";

/** So many lengths of the readings may a line reach beyond them. */
const most = 1;

/** The best line is drawn far beyond the readings, where nothing was measured. */
export const farBeyond: SlopeCheck = ({ figure, fit, points, rules }) => {
  const { best, reach } = figure.line;
  if (!best || reach.best === "data" || figure.axes.x.scale === "log") return [];
  const line = { ...figure.line, steepest: false, shallowest: false };
  const { xScale } = layFrame(figureSpecification({ ...figure, line }, 1, fit, rules));
  const from = points.xValues.reduce((a, b) => Math.min(a, b), Infinity);
  const to = points.xValues.reduce((a, b) => Math.max(a, b), -Infinity);
  const span = to - from;
  const beyond = (xScale.to - xScale.from - span) / span;
  return span > 0 && beyond > most ? [{ name: "line-far-beyond", times: beyond }] : [];
};
