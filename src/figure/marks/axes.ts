import { axisLabel } from "../layout/axisLabel";
import { captionRoom, type Frame, stripRoom } from "../layout/frame";
import { axisWords } from "../layout/letterSizes";
import { faced, setRuns, textShape } from "../layout/setText";
import { inksOf } from "../palette";
import { polygon, stroke } from "../path/outlines";
import type { Path } from "../path/path";
import type { Shape } from "../scene";
import type { FigureSpecification } from "../specification";
import type { FigureMark } from "./mark";

/** How far ticks reach out of the drawing area and into it, in lengths of a tick. */
const reach = { outside: [1, 0], inside: [0, 1], across: [0.6, 0.6] } as const;

function tickStrokes(frame: Frame, kind: keyof typeof reach, length: number, minor: boolean) {
  const [out, into] = reach[kind].map((part) => part * length) as [number, number];
  const foot = frame.bottom + frame.gap;
  const side = frame.left - frame.gap;
  const of = ({ ticks, minorTicks }: Frame["xScale"]) =>
    minor ? minorTicks : ticks.map(({ value }) => value);
  const across = of(frame.xScale).flatMap((value) => {
    const x = frame.across(value);
    return stroke(x, foot - into, x, foot + out);
  });
  const up = of(frame.yScale).flatMap((value) => {
    const y = frame.up(value);
    return stroke(side - out, y, side + into, y);
  });
  return [...across, ...up];
}

function tickLabels({ look }: FigureSpecification, frame: Frame): Shape[] {
  const size = frame.letters.numbers;
  const { ink: fill } = inksOf(look);
  const set = (runs: Frame["xScale"]["ticks"][number]["label"]) =>
    faced(runs, look.lettering, "serifItalic");
  const across = frame.xScale.ticks.map(({ value, label }) =>
    textShape("tick-label", set(label), {
      x: frame.across(value),
      y: frame.bottom + frame.gap + size * 1.5,
      size,
      fill,
      align: "middle",
    }),
  );
  const up = frame.yScale.ticks.map(({ value, label }) =>
    textShape("tick-label", set(label), {
      x: frame.left - frame.gap - size * 0.7,
      y: frame.up(value) + size * 0.34,
      size,
      fill,
      align: "end",
    }),
  );
  return [...across, ...up];
}

/** Where the words along the horizontal axis stand. */
export function axisLabelLevel(figure: FigureSpecification, frame: Frame): number {
  return figure.height - frame.letters.words * 0.75 - stripRoom(figure) - captionRoom(figure);
}

function axisLabels(figure: FigureSpecification, frame: Frame): Shape[] {
  const size = frame.letters.words;
  const full = size * axisWords;
  const { style, look } = figure;
  const { ink: fill } = inksOf(look);
  const set = (axis: "x" | "y", power: number, room: number) =>
    axisLabel(figure[axis], power, full, room, style.headings, look.lettering);
  const across = set("x", frame.xScale.power, figure.width - 2 * size);
  const up = set("y", frame.yScale.power, frame.bottom - frame.top);
  return [
    textShape("axis-label", across.runs, {
      fill,
      align: "middle",
      size: across.size,
      x: centredWithin(
        (frame.left + frame.right) / 2,
        setRuns(across.runs, across.size).width,
        figure.width,
      ),
      y: axisLabelLevel(figure, frame),
    }),
    textShape("axis-label", up.runs, {
      fill,
      align: "middle",
      size: up.size,
      rotate: -90,
      x: size * 1.25,
      y: (frame.top + frame.bottom) / 2,
    }),
  ];
}

/** The middle of a text that would rather stand at `wanted` but must not leave the paper. */
function centredWithin(wanted: number, width: number, paper: number): number {
  return Math.min(paper - width / 2, Math.max(width / 2, wanted));
}

/** The heads of both axes, at the ends where values grow. */
function arrowHeads({ x, y }: FigureSpecification, frame: Frame): Path {
  const head = frame.textSize * 0.6;
  const foot = frame.bottom + frame.gap;
  const side = frame.left - frame.gap;
  const tip = x.reversed ? frame.left - head : frame.right + head;
  const back = x.reversed ? head : -head;
  const level = polygon([
    [tip, foot],
    [tip + back, foot - head * 0.4],
    [tip + back, foot + head * 0.4],
  ]);
  const top = y.reversed ? frame.bottom + head : frame.top - head;
  const down = y.reversed ? -head : head;
  const upright = polygon([
    [side, top],
    [side - head * 0.4, top + down],
    [side + head * 0.4, top + down],
  ]);
  return [...level, ...upright];
}

/** Axis lines with their ticks and numbers, and the two axis labels; a frame or arrow heads where they are wanted. */
export const axes: FigureMark = (figure, frame) => {
  const { look } = figure;
  const { ink: colour } = inksOf(look);
  const { left, right, top, bottom, gap, textSize } = frame;
  const lines = [
    ...stroke(left - gap, top, left - gap, bottom),
    ...stroke(left, bottom + gap, right, bottom + gap),
  ];
  const rest =
    look.frame && gap === 0
      ? [...stroke(left, top, right, top), ...stroke(right, top, right, bottom)]
      : [];
  const length = textSize * 0.4;
  const axis: Shape = {
    kind: "path",
    role: "axis",
    path: [...lines, ...rest],
    stroke: colour,
    strokeWidth: 0.9,
  };
  const heads: Shape[] = look.arrows
    ? [{ kind: "path", role: "axis", path: arrowHeads(figure, frame), fill: colour }]
    : [];
  const ticks: Shape = {
    kind: "path",
    role: "ticks",
    stroke: colour,
    strokeWidth: 0.7,
    path: [
      ...tickStrokes(frame, look.ticks, length, false),
      ...tickStrokes(frame, look.ticks, length * 0.55, true),
    ],
  };
  return [axis, ...heads, ticks, ...tickLabels(figure, frame), ...axisLabels(figure, frame)];
};
