import { palette } from "../palette";
import { circle, stroke } from "../path/outlines";
import type { Scene, Shape } from "../scene";
import { axisName, axisShapes, type AxisBelow } from "./axisBelow";
import { fillThePaper } from "./axisScale";
import { faced, setRuns, textShape } from "./setText";

/** A value with its ± on a number line. */
export interface RangeOnLine {
  readonly label: string;
  readonly value: number;
  readonly uncertainty: number;
  readonly tone: "own" | "accepted";
}

const size = 9;
const above = 16;
const between = 26;
const dot = 3;

/** One range with its label above it, kept within the paper. */
function rangeShapes(
  { label, value, uncertainty, tone }: RangeOnLine,
  y: number,
  at: (value: number) => number,
  width: number,
): Shape[] {
  const own = tone === "own";
  const line = own ? palette.magenta : palette.petrol;
  const ink = own ? palette.ink : palette.petrol;
  const [low, high, middle] = [at(value - uncertainty), at(value + uncertainty), at(value)];
  const text = faced([{ text: label }], "sans", "serifItalic");
  const half = setRuns(text, size).width / 2;
  const x = Math.min(width - half, Math.max(half, middle));
  const ends = own ? [...stroke(low, y - 5, low, y + 5), ...stroke(high, y - 5, high, y + 5)] : [];
  return [
    ...(uncertainty > 0
      ? [
          {
            kind: "path" as const,
            role: "error-bars" as const,
            stroke: line,
            strokeWidth: 1.8,
            path: [...stroke(low, y, high, y), ...ends],
          },
        ]
      : []),
    { kind: "path", role: "points", path: circle(middle, y, dot), fill: ink },
    textShape("label", text, { x, y: y - 9, size, fill: ink, align: "middle" }),
  ];
}

/** Ranges one below the other over a common number line, for a result beside an accepted value. */
export function numberLine(
  ranges: readonly RangeOnLine[],
  axis: Omit<AxisBelow, "mark">,
  width: number,
  mark: "point" | "comma",
): Scene {
  const low = Math.min(...ranges.map(({ value, uncertainty }) => value - uncertainty));
  const high = Math.max(...ranges.map(({ value, uncertainty }) => value + uncertainty));
  const room = (high - low || Math.abs(high) || 1) * 0.12;
  const scale = fillThePaper(low - room, high + room, 6);
  const inset = 24;
  const at = (value: number) =>
    inset + ((value - scale.from) / (scale.to - scale.from)) * (width - 2 * inset);
  const foot = above + between * ranges.length;
  const below = { ...axis, mark };
  const shapes: Shape[] = [
    ...ranges.flatMap((range, i) => rangeShapes(range, above + between * i + 4, at, width)),
    ...axisShapes(scale, at, foot, { mark, size, ink: palette.ink }),
    textShape("axis-label", faced(axisName(scale, below), "sans", "serifItalic"), {
      x: at(scale.to),
      y: foot + 27,
      align: "end",
      size,
      fill: palette.ink,
    }),
  ];
  return { width, height: foot + 32, shapes, spots: [] };
}
