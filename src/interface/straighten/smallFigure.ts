import type { BoardCell } from "@/core/straighten/board";
import type { Transformed } from "@/core/straighten/transforms";

/** Size of a small figure's own drawing area. */
export const smallSize = { width: 72, height: 44 };
const edge = 5;

interface Range {
  readonly low: number;
  readonly size: number;
}

function rangeOf({ values, up, down }: Transformed, other: Transformed): Range | undefined {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    if (!Number.isFinite(value) || !Number.isFinite(other.values[i])) continue;
    low = Math.min(low, value - (down[i] as number));
    high = Math.max(high, value + (up[i] as number));
  }
  return high > low ? { low, size: high - low } : undefined;
}

/** Points, bars and line of one small figure as paths; points beyond some hundreds are a sample. */
export interface SmallPaths {
  readonly points: string;
  readonly bars: string;
  readonly line: string;
}

/** From where to where along x a line stays on its figure. */
function withinHeight(slope: number, intercept: number, x: Range, y: Range): [number, number] {
  const beyond = (y.size * edge) / (smallSize.height - 2 * edge);
  const [low, high] = [y.low - beyond, y.low + y.size + beyond];
  const [from, to] = [x.low, x.low + x.size];
  if (slope === 0) return intercept >= low && intercept <= high ? [from, to] : [from, from];
  const [a, b] = [(low - intercept) / slope, (high - intercept) / slope];
  return [Math.max(from, Math.min(a, b)), Math.min(to, Math.max(a, b))];
}

const mostPoints = 200;
const digits = (value: number) => Math.round(value * 10) / 10;

/** Draws one pair as small as it stands on the board, with its upper left corner at a place. */
export function smallFigure(
  { across, up, straightness }: BoardCell,
  toLeft = 0,
  toTop = 0,
): SmallPaths | undefined {
  const [x, y] = [rangeOf(across, up), rangeOf(up, across)];
  if (!x || !y) return undefined;
  const { width, height } = smallSize;
  const right = (value: number) =>
    digits(toLeft + edge + ((value - x.low) / x.size) * (width - 2 * edge));
  const high = (value: number) =>
    digits(toTop + height - edge - ((value - y.low) / y.size) * (height - 2 * edge));
  const stride = Math.ceil(across.values.length / mostPoints);
  let [points, bars] = ["", ""];
  for (let i = 0; i < across.values.length; i += stride) {
    const [a, b] = [across.values[i] as number, up.values[i] as number];
    if (!Number.isFinite(a) || !Number.isFinite(b)) continue;
    points += `M${right(a)} ${high(b)}h0`;
    const [foot, top] = [high(b - (up.down[i] as number)), high(b + (up.up[i] as number))];
    const [left, end] = [
      right(a - (across.down[i] as number)),
      right(a + (across.up[i] as number)),
    ];
    if (foot - top > 3) bars += `M${right(a)} ${foot}V${top}`;
    if (end - left > 3) bars += `M${left} ${high(b)}H${end}`;
  }
  if (!straightness) return { points, bars, line: "" };
  const { slope, intercept } = straightness;
  const [from, to] = withinHeight(slope, intercept, x, y);
  const at = (value: number) => `${right(value)} ${high(slope * value + intercept)}`;
  return { points, bars, line: from < to ? `M${at(from)}L${at(to)}` : "" };
}
