import { area, curveLinear, curveMonotoneX, line } from "d3-shape";
import type { Frame } from "../layout/frame";
import { colourOf, inksOf } from "../palette";
import { drawnBy } from "../path/pen";
import type { Shape } from "../scene";
import type { PointsSpecification } from "../specification";
import type { FigureMark } from "./mark";
import { strokeOf } from "./lines";

function inOrder({ x }: PointsSpecification): number[] {
  return Array.from({ length: x.length }, (_, i) => i).sort(
    (a, b) => (x[a] as number) - (x[b] as number),
  );
}

function within(place: number, { top, bottom }: Frame): number {
  return Math.min(bottom, Math.max(top, place));
}

/** Straight stretches from point to point, or a smooth guide that never overshoots. */
export const joins: FigureMark = (figure, frame) => {
  const { join } = figure.look;
  if (join === "none") return [];
  return figure.series.flatMap((series): Shape[] => {
    const { points } = series;
    const through = line<number>()
      .x((i) => frame.across(points.x[i] as number))
      .y((i) => within(frame.up(points.y[i] as number), frame))
      .curve(join === "guide" ? curveMonotoneX : curveLinear);
    if (points.x.length < 2) return [];
    const path = drawnBy(through, inOrder(points));
    const strokeWidth = strokeOf(figure.look) * 0.8;
    return [
      { kind: "path", role: "join", path, stroke: colourOf(series, figure.look), strokeWidth },
    ];
  });
};

/** The stretch between the upper and the lower ends of the bars, shaded. */
export const band: FigureMark = (figure, frame) => {
  if (!figure.look.band) return [];
  return figure.series.flatMap(({ points }): Shape[] => {
    const { x, y, yBars } = points;
    const shape = area<number>()
      .x((i) => frame.across(x[i] as number))
      .y0((i) => within(frame.up((y[i] as number) - (yBars.down[i] as number)), frame))
      .y1((i) => within(frame.up((y[i] as number) + (yBars.up[i] as number)), frame))
      .curve(figure.look.join === "guide" ? curveMonotoneX : curveLinear);
    if (x.length < 2) return [];
    const path = drawnBy(shape, inOrder(points));
    return [{ kind: "path", role: "band", path, fill: inksOf(figure.look).magentaWash }];
  });
};
