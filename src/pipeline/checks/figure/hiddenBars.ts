import { pointRadius } from "@/figure/marks/pointRadius";
import type { FigureCheck } from "./figureCheck";

/** Every bar of an axis is shorter than its point: it has to be said in words. */
export const hiddenBars: FigureCheck = ({ specification, frame, figure, fit }) => {
  if (figure.look.bars === "none") return [];
  const radius = pointRadius(specification, frame);
  const scale = {
    x: (frame.right - frame.left) / Math.abs(frame.xScale.to - frame.xScale.from),
    y: (frame.bottom - frame.top) / Math.abs(frame.yScale.to - frame.yScale.from),
  };
  return (["x", "y"] as const)
    .flatMap((axis) => {
      if (specification[axis].scale === "log") return [];
      const bars = specification.series.flatMap(({ points }) =>
        Array.from((axis === "x" ? points.xBars : points.yBars).up),
      );
      const largest = bars.reduce((most, bar) => Math.max(most, bar), 0);
      if (largest === 0 || largest * scale[axis] > radius) return [];
      return [{ name: "bars-too-small", symbol: fit[axis].quantity.symbol } as const];
    })
    .slice(0, 1);
};
