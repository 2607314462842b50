import type { RunText } from "@/core/unit/runText";
import { palette } from "../palette";
import { circle, stroke } from "../path/outlines";
import type { Path } from "../path/path";
import type { Scene, Shape } from "../scene";
import { type AxisBelow, axisName, axisShapes } from "./axisBelow";
import { fillThePaper } from "./axisScale";
import { faced, setRuns, textShape } from "./setText";

/** A value with its ±, 0 where none is known. */
interface Ranged {
  readonly value: number;
  readonly uncertainty: number;
}

/** A bench's result; one that stands apart does not make the axis so long that the others can't be told apart. */
interface BenchRange extends Ranged {
  readonly label: string;
  readonly apart?: boolean;
}

/** Results of benches, one below the other, with the mean of all and what they are held against. */
export interface ClassLine {
  readonly benches: readonly BenchRange[];
  readonly mean?: Ranged & { readonly label: string };
  readonly accepted?: Ranged & { readonly label: RunText };
}

/** Colours of the line, on light ground and on dark. */
export const classLineInks = {
  light: { ink: palette.ink, uncertain: palette.magenta, accepted: palette.petrol, wash: "#DCEAEC" },
  dark: { ink: "#FFFFFF", uncertain: "#F08CBF", accepted: "#7FD3E0", wash: "#1D4653" },
} as const; // prettier-ignore

/** How large a line is drawn: its width and its letters, in points. */
export interface ClassLineSize {
  readonly width: number;
  readonly letters: number;
  readonly inks: keyof typeof classLineInks;
}

/** Beyond so many benches their rows stand closer. */
const many = 15;

type Bounds = readonly [low: number, high: number];

const boundsOf = (all: readonly Ranged[]): Bounds => [
  Math.min(...all.map(({ value, uncertainty }) => value - uncertainty)),
  Math.max(...all.map(({ value, uncertainty }) => value + uncertainty)),
];

/** What stands apart may make the axis so many times as long. */
const mostStretched = 4;

/** From where to where the axis reaches: what lies beyond is shown by an arrow at its end. */
function bounds({ benches, mean, accepted }: ClassLine): Bounds {
  const near = benches.filter(({ apart }) => !apart);
  const others = [...(mean ? [mean] : []), ...(accepted ? [accepted] : [])];
  const [low, high] = boundsOf(near.length > 0 ? [...near, ...others] : [...benches, ...others]);
  const most = mostStretched * (high - low);
  const within = (one: Ranged) => {
    const [least, greatest] = boundsOf([one]);
    return Math.max(high, greatest) - Math.min(low, least) <= most;
  };
  return boundsOf([
    { value: (low + high) / 2, uncertainty: (high - low) / 2 },
    ...benches.filter(within),
  ]);
}

interface Drawn {
  readonly at: (value: number) => number;
  readonly letters: number;
  readonly inks: (typeof classLineInks)["light" | "dark"];
}

/** One range with its label at its left end. */
function rangeRow(
  { value, uncertainty, label }: Ranged & { readonly label: string },
  y: number,
  { at, letters, inks }: Drawn,
): Shape[] {
  const [low, high] = [at(value - uncertainty), at(value + uncertainty)];
  const dot = letters * 0.27;
  const left = Math.min(low, at(value) - dot);
  const bar: Shape = {
    kind: "path",
    role: "error-bars",
    stroke: inks.uncertain,
    strokeWidth: letters * 0.15,
    path: stroke(low, y, high, y),
  };
  const text = faced([{ text: label }], "sans", "serifItalic");
  const place = { x: left - 6, y: y + letters * 0.34, size: letters, align: "end" } as const;
  return [
    ...(uncertainty > 0 ? [bar] : []),
    { kind: "path", role: "points", path: circle(at(value), y, dot), fill: inks.ink },
    textShape("label", text, { fill: inks.ink, ...place }),
  ];
}

/** A result beyond the end of the axis: an arrow that points to where it lies. */
function beyondRow(
  label: string,
  { x, to, y }: { readonly x: number; readonly to: 1 | -1; readonly y: number },
  { letters, inks }: Drawn,
): Shape[] {
  const size = letters * 0.4;
  const path: Path = [
    { kind: "move", x, y },
    { kind: "line", x: x - to * 2 * size, y: y - size },
    { kind: "line", x: x - to * 2 * size, y: y + size },
    { kind: "close" },
  ];
  const text = faced([{ text: label }], "sans", "serifItalic");
  const place = { x: x - to * (2 * size + 6), y: y + letters * 0.34, size: letters } as const;
  return [
    { kind: "path", role: "arrow", path, fill: inks.uncertain },
    textShape("label", text, { fill: inks.ink, align: to > 0 ? "end" : "start", ...place }),
  ];
}

/** The accepted value as a band from top to foot, its words under the axis. */
function acceptedShapes(
  { value, uncertainty, label }: NonNullable<ClassLine["accepted"]>,
  foot: number,
  width: number,
  { at, letters, inks }: Drawn,
): Shape[] {
  const [low, high] = [at(value - uncertainty), at(value + uncertainty)];
  const text = faced(label, "sans", "serifItalic");
  const half = setRuns(text, letters).width / 2;
  const x = Math.min(width - half, Math.max(half, at(value)));
  const band: Path = [{ kind: "box", x: low, y: 0, width: high - low, height: foot }];
  return [
    { kind: "path", role: "band", path: band, fill: inks.wash },
    {
      kind: "path",
      role: "best-line",
      stroke: inks.accepted,
      strokeWidth: 1.4,
      path: stroke(at(value), 0, at(value), foot),
    },
    textShape("label", text, {
      x,
      y: foot + 10 + 2.2 * letters,
      size: letters,
      fill: inks.accepted,
      align: "middle",
    }),
  ];
}

/** The number line of a class: a row a bench, the mean of all as the last, the accepted value behind them. */
export function classLine(
  line: ClassLine,
  axis: AxisBelow,
  { width, letters, inks: named }: ClassLineSize,
): Scene {
  const inks = classLineInks[named];
  const [low, high] = bounds(line);
  const room = (high - low || Math.abs(high) || 1) * 0.04;
  const scale = fillThePaper(low - room, high + room, Math.max(3, Math.floor(width / (7 * letters))));
  const inset = 3 * letters;
  const at = (value: number) =>
    inset + ((value - scale.from) / (scale.to - scale.from)) * (width - 2 * inset);
  const drawn = { at, letters, inks };
  const apart = letters * (line.benches.length > many ? 0.95 : 1.2);
  const rows = [...line.benches, ...(line.mean ? [line.mean] : [])];
  const foot = letters + apart * rows.length + (line.mean ? apart * 0.5 : 0);
  const yOf = (row: number) => letters * 0.8 + apart * (row < line.benches.length ? row : row + 0.5);
  const { accepted } = line;
  const name = faced(axisName(scale, axis), "sans", "serifItalic");
  const second = foot + 10 + 2.2 * letters;
  const meeting =
    accepted !== undefined &&
    at(accepted.value) + setRuns(faced(accepted.label, "sans", "serifItalic"), letters).width / 2 >
      width - setRuns(name, letters).width - letters;
  const nameAt = meeting ? second + 1.4 * letters : second;
  const shapes: Shape[] = [
    ...(accepted ? acceptedShapes(accepted, foot, width, drawn) : []),
    ...rows.flatMap((row, i) => {
      const to = row.value > scale.to ? 1 : row.value < scale.from ? -1 : 0;
      if (to === 0) return rangeRow(row, yOf(i), drawn);
      return beyondRow(row.label, { x: at(to > 0 ? scale.to : scale.from), to, y: yOf(i) }, drawn);
    }),
    ...axisShapes(scale, at, foot, { mark: axis.mark, size: letters, ink: inks.ink }),
    textShape("axis-label", name, {
      x: width,
      y: nameAt,
      align: "end",
      size: letters,
      fill: inks.ink,
    }),
  ];
  return { width, height: nameAt + letters * 0.5, shapes, spots: [] };
} // prettier-ignore
