import { axisLabel } from "../layout/axisLabel";
import type { Frame, StripFrame } from "../layout/frame";
import { axisWords } from "../layout/letterSizes";
import { faced, textShape } from "../layout/setText";
import { inksOf } from "../palette";
import { stroke } from "../path/outlines";
import type { Shape, ShapeRole } from "../scene";
import type { FigureSpecification } from "../specification";
import { errorBars } from "./errorBars";
import { grid } from "./grid";
import { lines } from "./lines";
import type { FigureMark } from "./mark";
import { points } from "./points";

const nothingPlaced = { equations: [], labels: [] };

/** Shapes of the strip are known apart from those of the figure over it. */
const roles: Partial<Record<ShapeRole, ShapeRole>> = {
  points: "strip-points",
  "points-aside": "strip-points",
  "error-bars": "strip-bars",
};

function stripAxis({ look }: FigureSpecification, frame: Frame, strip: StripFrame): Shape[] {
  const { left, right, gap, textSize, letters, xScale } = frame;
  const { ink } = inksOf(look);
  const length = textSize * 0.4;
  const foot = strip.bottom + gap;
  const side = left - gap;
  const up = strip.yScale.ticks.map(({ value }) => strip.up(value));
  const ticks = [
    ...up.flatMap((y) => stroke(side - length, y, side, y)),
    ...xScale.ticks.flatMap(({ value }) => {
      const x = frame.across(value);
      return stroke(x, foot, x, foot + length);
    }),
  ];
  const axes = [...stroke(side, strip.top, side, strip.bottom), ...stroke(left, foot, right, foot)];
  return [
    { kind: "path", role: "strip", path: axes, stroke: ink, strokeWidth: 0.9 },
    { kind: "path", role: "strip", path: ticks, stroke: ink, strokeWidth: 0.7 },
    ...strip.yScale.ticks.map(({ label }, index) =>
      textShape("strip", faced(label, look.lettering, "serifItalic"), {
        x: side - letters.numbers * 0.7,
        y: (up[index] as number) + letters.numbers * 0.34,
        size: letters.numbers,
        fill: ink,
        align: "end",
      }),
    ),
  ];
}

/** The strip under the drawing area with its own ruling, a level line at 0, bars and points. */
export const strip: FigureMark = (figure, frame) => {
  if (!figure.strip || !frame.strip) return [];
  const { y, series } = figure.strip;
  const { words: size } = frame.letters;
  const inner: Frame = { ...frame, ...frame.strip };
  const look = { ...figure.look, grid: figure.look.grid === "none" ? "none" : "major" } as const;
  const part: FigureSpecification = { ...figure, y, series, look };
  const drawn = [grid, lines, errorBars, points].flatMap((mark) =>
    mark(part, inner, nothingPlaced),
  );
  const room = inner.bottom - inner.top;
  const { style } = figure;
  const words = axisLabel(
    ...([y, inner.yScale.power, size * axisWords, room] as const),
    ...([style.headings, look.lettering] as const),
  );
  return [
    ...drawn.map((shape) => ({ ...shape, role: roles[shape.role] ?? "strip" })),
    ...stripAxis(figure, frame, frame.strip),
    textShape("strip", words.runs, {
      fill: inksOf(look).ink,
      align: "middle",
      size: words.size,
      rotate: -90,
      x: size * 1.25,
      y: (inner.top + inner.bottom) / 2,
    }),
  ];
};
