import { boxWithin } from "./boxWithin";
import type { FigureSpecification, TriangleSpecification } from "../specification";
import type { Box } from "./emptiestPlace";
import type { Frame } from "./frame";
import { type FacedRun, faced, setRuns } from "./setText";

/** A right-angled triangle on the paper with the boxes of its words. */
export interface PlacedTriangle {
  /** Where the line is left, the right angle, and where the line is met again. */
  readonly corners: readonly (readonly [x: number, y: number])[];
  readonly words: readonly {
    readonly runs: readonly FacedRun[];
    readonly size: number;
    readonly box: Box;
  }[];
}

function cornersOf({ from, to, slope, intercept }: TriangleSpecification, frame: Frame) {
  const at = (x: number) => frame.up(slope * x + intercept);
  return [
    [frame.across(from), at(from)],
    [frame.across(to), at(from)],
    [frame.across(to), at(to)],
  ] as const;
}

/** The slope triangle with its words outside it: along the level side and beside the upright one. */
export function placeTriangle(
  { triangle, look }: FigureSpecification,
  frame: Frame,
): PlacedTriangle | undefined {
  if (!triangle) return undefined;
  const corners = cornersOf(triangle, frame);
  const [[startX, startY], [endX], [, endY]] = corners;
  const size = frame.textSize * 1.05;
  const room = size * 0.5;
  const set = (runs: TriangleSpecification["across"]) => {
    const found = faced(runs, look.lettering, "serifItalic");
    return { runs: found, size, width: setRuns(found, size).width, height: size * 1.3 };
  };
  const [across, up] = [set(triangle.across), set(triangle.up)];
  const below = startY >= endY;
  const right = endX >= startX;
  const boxes = [
    {
      width: across.width,
      height: across.height,
      x: (startX + endX - across.width) / 2,
      y: below ? startY + room * 0.6 : startY - room * 0.6 - across.height,
    },
    {
      width: up.width,
      height: up.height,
      x: right ? endX + room : endX - room - up.width,
      y: (startY + endY - up.height) / 2,
    },
  ] as const;
  const words = ([across, up] as const).map(({ runs }, i) => ({
    runs,
    size,
    box: boxWithin(boxes[i] as Box, frame),
  }));
  return { corners, words };
}
