import type { FigureCheck, FigureLooked } from "./figureCheck";

const least = 0.5;
const leastPoints = 3;

function filled({ specification, frame }: FigureLooked, axis: "x" | "y"): number {
  const [start, end] = axis === "x" ? [frame.left, frame.right] : [frame.top, frame.bottom];
  const place = axis === "x" ? frame.across : frame.up;
  let [low, high] = [Infinity, -Infinity];
  for (const { points } of specification.series) {
    for (let i = 0; i < points[axis].length; i++) {
      const at = place(points[axis][i] as number);
      low = Math.min(low, at);
      high = Math.max(high, at);
    }
  }
  return (high - low) / (end - start);
}

/** The points take up less than half of the paper in one direction. */
export const emptyPaper: FigureCheck = (looked) => {
  const count = looked.specification.series.reduce((sum, { points }) => sum + points.x.length, 0);
  if (count < leastPoints) return [];
  return (["x", "y"] as const)
    .flatMap((axis) => {
      const part = filled(looked, axis);
      return part < least
        ? [{ name: "paper-not-filled", axis, percent: Math.round(part * 100) } as const]
        : [];
    })
    .slice(0, 1);
};
