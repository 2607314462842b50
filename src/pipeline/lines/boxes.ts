import type { ErrorBoxes } from "@/core/fit/slopeRange";
import type { FigurePoints } from "./figurePoints";

/** The error boxes of points, as far as their ± are known. */
export interface KnownBoxes {
  readonly boxes: ErrorBoxes;
  /** The place of each box among the points. */
  readonly indices: readonly number[];
}

/** The error boxes of points; a reading with a blank in the place of its ± has none, and bounds nothing. */
export function boxesOf(points: FigurePoints): KnownBoxes {
  const { xValues, yValues, xBars, yBars, unstated } = points;
  const indices = Array.from(xValues.keys()).filter((i) => unstated[i] !== 1);
  const all = indices.length === xValues.length;
  const of = (values: Float64Array) =>
    all ? values : Float64Array.from(indices, (i) => values[i] as number);
  return {
    indices,
    boxes: {
      x: of(xValues),
      y: of(yValues),
      xDown: of(xBars.down),
      xUp: of(xBars.up),
      yDown: of(yBars.down),
      yUp: of(yBars.up),
    },
  };
}
