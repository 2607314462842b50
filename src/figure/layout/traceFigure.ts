import type { RunText } from "@/core/unit/runText";
import { palette } from "../palette";
import { box, polyline, stroke } from "../path/outlines";
import type { Path, Place } from "../path/path";
import type { Scene, Shape } from "../scene";
import { axisLine, axisName, axisShapes, type AxisBelow, withMark } from "./axisBelow";
import { type AxisScale, fillThePaper } from "./axisScale";
import { faced, textShape } from "./setText";

/** A part of the time, in s. */
interface Span {
  readonly from: number;
  readonly to: number;
}

/** A recording as a report draws it. */
export interface DrawnTrace {
  /** Least and greatest of one column after another, NaN where all were lost. */
  readonly columns: ArrayLike<number>;
  /** How long the columns last, in s. */
  readonly lasting: number;
  /** What takes part; the rest is pale. */
  readonly trim: Span;
  readonly aside: readonly Span[];
  /** Stretches that something was read off, numbered in their order. */
  readonly readOff: readonly Span[];
  /** Events are lines from the foot, with nothing to be read down. */
  readonly events: boolean;
  readonly y: Pick<AxisBelow, "symbol" | "unit">;
  readonly headings: AxisBelow["headings"];
  readonly mark: AxisBelow["mark"];
}

const size = 9;
const edges = { left: 44, right: 8, top: 36, bottom: 30 } as const;
const height = 190;
/** Brackets stand above each other, so many rows of them, so far apart. */
const [mostBrackets, bracketApart] = [2, 10];
const pale = "#B9C4C7";

interface Placed {
  readonly x: (time: number) => number;
  readonly y: (value: number) => number;
  readonly foot: number;
}

const names = (scale: AxisScale, { y, headings, mark }: DrawnTrace): RunText =>
  axisName(scale, { ...y, headings, mark });

/** The axis on the left with its numbers, and what it is called above it. */
function leftAxis(scale: AxisScale, trace: DrawnTrace, { y, foot }: Placed): Shape[] {
  const ink = palette.ink;
  const name = faced(names(scale, trace), "sans", "serifItalic");
  return [
    axisLine(ink, [
      ...stroke(edges.left, edges.top, edges.left, foot),
      ...scale.ticks.flatMap(({ value }) => stroke(edges.left - 4, y(value), edges.left, y(value))),
    ]),
    ...scale.ticks.map(({ value, label }) =>
      textShape("tick-label", faced(withMark(label, trace.mark), "sans", "serifItalic"), {
        x: edges.left - 6,
        y: y(value) + size / 3,
        align: "end",
        size,
        fill: ink,
      }),
    ),
    textShape("axis-label", name, { x: 4, y: size + 1, align: "start", size, fill: ink }),
  ];
} // prettier-ignore

/** From least to greatest in each column within a span, the columns joined; broken where all were lost. */
function tracePath({ columns, lasting }: DrawnTrace, { from, to }: Span, { x, y }: Placed): Path {
  const count = columns.length / 2;
  const pieces: Place[][] = [[]];
  for (let i = 0; i < count; i++) {
    const time = ((i + 0.5) / count) * lasting;
    const [least, greatest] = [columns[2 * i] as number, columns[2 * i + 1] as number];
    const within = time >= from && time <= to && !Number.isNaN(least);
    if (!within) {
      if ((pieces.at(-1)?.length ?? 0) > 0) pieces.push([]);
      continue;
    }
    const piece = pieces.at(-1) as Place[];
    const before = piece.at(-1)?.[1];
    const [low, high] = [y(least), y(greatest)];
    const upFirst = before !== undefined && Math.abs(before - high) < Math.abs(before - low);
    piece.push(...([[x(time), upFirst ? high : low], [x(time), upFirst ? low : high]] as Place[]));
  }
  return pieces.flatMap((piece) => (piece.length > 0 ? polyline(piece) : []));
} // prettier-ignore

function eventPath({ columns }: DrawnTrace, { from, to }: Span, { x, foot }: Placed): Path {
  const moments = new Set(Array.from(columns).filter((time) => time >= from && time <= to));
  return [...moments].flatMap((time) => stroke(x(time), edges.top + 30, x(time), foot));
}

/** The trace: what takes part in ink, what was trimmed away or set aside pale. */
function traceShapes(trace: DrawnTrace, placed: Placed): Shape[] {
  const { trim, lasting, aside, events } = trace;
  const pathOf = events ? eventPath : tracePath;
  const drawn = (span: Span, ink: string): Shape => ({
    kind: "path",
    role: "curve",
    stroke: ink,
    strokeWidth: events ? 0.6 : 0.8,
    path: pathOf(trace, span, placed),
  });
  const outside = [{ from: 0, to: trim.from }, { from: trim.to, to: lasting }].filter(({ from, to }) => to > from); // prettier-ignore
  const edge = (time: number): Shape => ({
    kind: "path",
    role: "rule",
    stroke: palette.ink,
    strokeWidth: 0.8,
    dash: [3, 2],
    path: stroke(placed.x(time), edges.top, placed.x(time), placed.foot),
  });
  return [
    ...aside.map(({ from, to }): Shape => {
      const [left, right] = [placed.x(from), placed.x(to)];
      const path = box(left, edges.top, Math.max(0.5, right - left), placed.foot - edges.top);
      return { kind: "path", role: "band", fill: "#E9EEEE", path };
    }),
    ...outside.map((span) => drawn(span, pale)),
    drawn(trim, palette.ink),
    ...(trim.from > 0 ? [edge(trim.from)] : []),
    ...(trim.to < lasting ? [edge(trim.to)] : []),
  ];
}

/** A bracket over each stretch that something was read off, with its number; those of one stretch share one. */
function brackets({ readOff }: DrawnTrace, { x }: Placed): Shape[] {
  const numbers = new Map<string, { span: Span; text: string }>();
  readOff.forEach((span, i) => {
    if (!(span.to > span.from)) return;
    const key = `${span.from}/${span.to}`;
    const before = numbers.get(key)?.text;
    numbers.set(key, { span, text: before ? `${before}, ${i + 1}` : `${i + 1}` });
  });
  return [...numbers.values()].flatMap(({ span, text }, i): Shape[] => {
    const [left, right] = [x(span.from), x(span.to)];
    const y = edges.top - 4 - bracketApart * (i % mostBrackets);
    const path = [...stroke(left, y + 3, left, y), ...stroke(left, y, right, y), ...stroke(right, y, right, y + 3)];
    return [
      { kind: "path", role: "rule", stroke: palette.ink, strokeWidth: 0.7, path },
      textShape("label", faced([{ text }], "sans", "serifItalic"), { x: (left + right) / 2, y: y - 2, align: "middle", size: 7, fill: palette.ink }),
    ];
  });
} // prettier-ignore

/** A recording against time, with its trim, as wide as the report. */
export function traceFigure(trace: DrawnTrace, width: number): Scene {
  const { columns, lasting, events, headings, mark } = trace;
  const found = Array.from(columns).filter((value) => !Number.isNaN(value));
  const low = found.reduce((least, value) => Math.min(least, value), Infinity);
  const high = found.reduce((most, value) => Math.max(most, value), -Infinity);
  const some = found.length > 0 && !events;
  const down = fillThePaper(some ? low : 0, some ? high : 1, 5);
  const across = fillThePaper(0, lasting > 0 ? lasting : 1, 8);
  const foot = height - edges.bottom;
  const placed: Placed = {
    x: (time) => edges.left + (time / across.to) * (width - edges.left - edges.right),
    y: (value) => foot - ((value - down.from) / (down.to - down.from)) * (foot - edges.top),
    foot,
  };
  const time = axisName(across, { symbol: [{ text: "t", italic: true }], unit: [{ text: "s" }], headings, mark });
  return {
    width,
    height,
    shapes: [
      ...traceShapes(trace, placed),
      ...brackets(trace, placed),
      ...(events ? [] : leftAxis(down, trace, placed)),
      ...axisShapes(across, placed.x, foot, { mark, size, ink: palette.ink }),
      textShape("axis-label", faced(time, "sans", "serifItalic"), {
        x: placed.x(across.to),
        y: foot + 27,
        align: "end",
        size,
        fill: palette.ink,
      }),
    ],
    spots: [],
  };
} // prettier-ignore
