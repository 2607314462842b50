import { axisLabel } from "../layout/axisLabel";
import type { Frame } from "../layout/frame";
import { stroke } from "../layout/pathText";
import { setRuns, textShape } from "../layout/setText";
import { palette } from "../palette";
import type { Shape } from "../scene";
import type { FigureSpecification } from "../specification";
import type { Mark } from "./mark";

const fill = palette.ink;

function tickStrokes(frame: Frame): string {
  const length = frame.textSize * 0.4;
  const across = frame.xScale.ticks.map(({ value }) =>
    stroke(frame.across(value), frame.bottom, frame.across(value), frame.bottom + length),
  );
  const up = frame.yScale.ticks.map(({ value }) =>
    stroke(frame.left - length, frame.up(value), frame.left, frame.up(value)),
  );
  return [...across, ...up].join("");
}

function tickLabels(frame: Frame): Shape[] {
  const size = frame.textSize;
  const across = frame.xScale.ticks.map(({ value, label }) =>
    textShape("tick-label", [{ text: label, face: "sans" }], {
      x: frame.across(value),
      y: frame.bottom + size * 1.5,
      size,
      fill,
      align: "middle",
    }),
  );
  const up = frame.yScale.ticks.map(({ value, label }) =>
    textShape("tick-label", [{ text: label, face: "sans" }], {
      x: frame.left - size * 0.7,
      y: frame.up(value) + size * 0.34,
      size,
      fill,
      align: "end",
    }),
  );
  return [...across, ...up];
}

function axisLabels(figure: FigureSpecification, frame: Frame): Shape[] {
  const size = frame.textSize;
  const full = size * 1.12;
  const { headings } = figure.style;
  const across = axisLabel(figure.x, frame.xScale.power, full, figure.width - 2 * size, headings);
  const up = axisLabel(figure.y, frame.yScale.power, full, frame.bottom - frame.top, headings);
  return [
    textShape("axis-label", across.runs, {
      ...{ fill, align: "middle", size: across.size },
      x: centredWithin(
        (frame.left + frame.right) / 2,
        setRuns(across.runs, across.size).width,
        figure.width,
      ),
      y: figure.height - size * 0.75,
    }),
    textShape("axis-label", up.runs, {
      ...{ fill, align: "middle", size: up.size, rotate: -90 },
      x: size * 1.25,
      y: (frame.top + frame.bottom) / 2,
    }),
  ];
}

/** The middle of a text that would rather stand at `wanted` but must not leave the paper. */
function centredWithin(wanted: number, width: number, paper: number): number {
  return Math.min(paper - width / 2, Math.max(width / 2, wanted));
}

/** Axis lines with ticks outside, their numbers, and the two axis labels. */
export const axes: Mark = (figure, frame) => [
  {
    kind: "path",
    role: "axis",
    d:
      stroke(frame.left, frame.top, frame.left, frame.bottom) +
      stroke(frame.left, frame.bottom, frame.right, frame.bottom),
    stroke: fill,
    strokeWidth: 0.9,
  },
  { kind: "path", role: "ticks", d: tickStrokes(frame), stroke: fill, strokeWidth: 0.7 },
  ...tickLabels(frame),
  ...axisLabels(figure, frame),
];
