import type { Frame } from "@/figure/layout/frame";
import type { PathShape } from "@/figure/scene";
import { colourName } from "./texText";

type Point = readonly [x: number, y: number];

/** A stretch of an outline as straight pieces. */
interface Stretch {
  readonly points: Point[];
  closed: boolean;
}

const pieces = 12;

function bezier(from: Point, [x1, y1, x2, y2, x, y]: readonly number[]): Point[] {
  const at = (t: number, a: number, b: number, c: number, d: number) =>
    a * (1 - t) ** 3 + 3 * b * t * (1 - t) ** 2 + 3 * c * t ** 2 * (1 - t) + d * t ** 3;
  return Array.from({ length: pieces }, (_, i): Point => {
    const t = (i + 1) / pieces;
    return [at(t, from[0], x1!, x2!, x!), at(t, from[1], y1!, y2!, y!)];
  });
}

/** A quarter of an upright ellipse, turning with the clock. */
function quarter(from: Point, to: Point): Point[] {
  const level = (to[0] - from[0]) * (to[1] - from[1]) < 0;
  const centre: Point = level ? [to[0], from[1]] : [from[0], to[1]];
  return Array.from({ length: pieces }, (_, i): Point => {
    const turn = ((i + 1) / pieces) * (Math.PI / 2);
    const along = (axis: 0 | 1) =>
      centre[axis] +
      (from[axis] - centre[axis]) * Math.cos(turn) +
      (to[axis] - centre[axis]) * Math.sin(turn);
    return [along(0), along(1)];
  });
}

/** An outline as the marks write it (M, L, H, V, C, quarters by A, Z) in straight pieces. */
function stretchesOf(d: string): Stretch[] {
  const found: Stretch[] = [];
  for (const [, command, rest] of d.matchAll(/([MLHVCAZ])([^MLHVCAZ]*)/g)) {
    const numbers = (rest!.match(/-?[\d.]+(?:e-?\d+)?/g) ?? []).map(Number);
    const end: Point = [numbers.at(-2)!, numbers.at(-1)!];
    const last = found.at(-1);
    const from = last?.points.at(-1) ?? [0, 0];
    if (command === "M") found.push({ points: [end], closed: false });
    else if (command === "L") last?.points.push(end);
    else if (command === "H") last?.points.push([numbers[0]!, from[1]]);
    else if (command === "V") last?.points.push([from[0], numbers[0]!]);
    else if (command === "C") last?.points.push(...bezier(from, numbers));
    else if (command === "A") last?.points.push(...quarter(from, end));
    else if (last) last.closed = true;
  }
  return found;
}

const six = (value: number) => String(Number(value.toPrecision(6)));

/** "(0.2,1.5)": a place of the paper in the units of the axes. */
export function placeTex([x, y]: Point, frame: Frame): string {
  return `(${six(frame.xAt(x))},${six(frame.yAt(y))})`;
}

/** Dashes and gaps in points, as TikZ takes them. */
export function dashTex(dash: readonly number[] | undefined): string[] {
  if (!dash) return [];
  return [
    `dash pattern=${dash.map((length, i) => `${i % 2 ? "off" : "on"} ${length}bp`).join(" ")}`,
  ];
}

/** A drawn or shaded outline of the page as a plot of its own, with nothing in the legend. */
export function outlineTex(shape: PathShape, frame: Frame): string[] {
  const { fill, stroke, strokeWidth = 1, dash } = shape;
  const look = [
    ...["no marks", "forget plot"],
    stroke ? `draw=${colourName(stroke)}, line width=${strokeWidth}bp` : "draw=none",
    ...(fill ? [`fill=${colourName(fill)}, on layer=axis background`] : []),
    ...dashTex(dash),
  ].join(", ");
  return stretchesOf(shape.d).map(({ points, closed }) => {
    const all = points.map((place) => placeTex(place, frame)).join(" ");
    return `\\addplot[${look}] coordinates {${all}}${closed ? " -- cycle" : ""};`;
  });
}
