import type { Frame } from "@/figure/layout/frame";

/** Whether a place is on the paper or no further beside it than its own breadth: TeX has no room for numbers beyond. */
export function isNear(frame: Frame, x: number, y: number): boolean {
  const { left, right, top, bottom } = frame;
  const [across, up] = [frame.across(x), frame.up(y)];
  const [wide, tall] = [right - left, bottom - top];
  return across >= left - wide && across <= right + wide && up >= top - tall && up <= bottom + tall;
}

/** A bar no longer than reaches over the paper from anywhere near it. */
export function shortened(bar: number, { from, to, kind }: Frame["xScale"]): number {
  return kind === "log" ? bar : Math.min(bar, 3 * Math.abs(to - from));
}
