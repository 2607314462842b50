import type { Frame } from "../layout/frame";
import { coordinate } from "../layout/pathText";
import { palette } from "../palette";
import type { Shape } from "../scene";
import type { Mark } from "./mark";
import { pointRadius } from "./pointRadius";

function discs(x: ArrayLike<number>, y: ArrayLike<number>, radius: number, frame: Frame): string {
  const r = coordinate(radius);
  const width = coordinate(2 * radius);
  const turn = `a${r} ${r} 0 1 0 ${width} 0a${r} ${r} 0 1 0 ${coordinate(-2 * radius)} 0Z`;
  const parts: string[] = [];
  for (let i = 0; i < x.length; i++) {
    const left = coordinate(frame.across(x[i] as number) - radius);
    parts.push(`M${left} ${coordinate(frame.up(y[i] as number))}${turn}`);
  }
  return parts.join("");
}

/** Readings as discs, all in one path so that thousands stay quick; those set aside are hollow. */
export const points: Mark = (figure, frame) => {
  const { x, y, aside } = figure.points;
  const radius = pointRadius(figure.points, frame);
  const shapes: Shape[] = [];
  if (x.length > 0) {
    const d = discs(x, y, radius, frame);
    shapes.push({ kind: "path", role: "points", d, fill: palette.ink });
  }
  if (aside.x.length > 0) {
    const d = discs(aside.x, aside.y, radius, frame);
    const hollow = { fill: palette.paper, stroke: palette.ink, strokeWidth: 0.7 };
    shapes.push({ kind: "path", role: "points-aside", d, ...hollow });
  }
  return shapes;
};
