import type { Frame } from "@/figure/layout/frame";
import type { Straightedge } from "@/investigation/model/figure";
import type { FigurePoints } from "@/pipeline/lines/fit";

/** A place on the paper, in points. */
export interface PaperPoint {
  readonly x: number;
  readonly y: number;
}

/** Which part of a straightedge is in the hand: one of its handles, or the whole of it. */
export type EdgePart = "left" | "right" | "whole";

/** The part of a stretch, from 0 to 1, that lies between two levels; empty where from is beyond to. */
function between(start: number, end: number, low: number, high: number): [number, number] {
  if (start === end) return start >= low && start <= high ? [0, 1] : [1, 0];
  const parts = [(low - start) / (end - start), (high - start) / (end - start)];
  return [Math.min(...parts), Math.max(...parts)];
}

/** Both handles on the paper; one that would lie off the drawing area stands where its line leaves it. */
export function handlesOf(edge: Straightedge, frame: Frame): Record<"left" | "right", PaperPoint> {
  const a = { x: frame.across(edge.x1), y: frame.up(edge.y1) };
  const b = { x: frame.across(edge.x2), y: frame.up(edge.y2) };
  const across = between(a.x, b.x, frame.left, frame.right);
  const up = between(a.y, b.y, frame.top, frame.bottom);
  const from = Math.max(0, across[0], up[0]);
  const to = Math.min(1, across[1], up[1]);
  if (from >= to) return { left: a, right: b };
  const at = (part: number) => ({ x: a.x + part * (b.x - a.x), y: a.y + part * (b.y - a.y) });
  return { left: at(from), right: at(to) };
}

const bends = 40;

/** The line between both handles as it is drawn: a curve where an axis is logarithmic. */
export function alongHandles(edge: Straightedge, frame: Frame): readonly PaperPoint[] {
  const { left, right } = handlesOf(edge, frame);
  const straight = frame.xScale.kind === "linear" && frame.yScale.kind === "linear";
  const slope = (edge.y2 - edge.y1) / (edge.x2 - edge.x1);
  if (straight || !Number.isFinite(slope)) return [left, right];
  return Array.from({ length: bends + 1 }, (_, i) => {
    const x = left.x + ((right.x - left.x) * i) / bends;
    const y = frame.up(edge.y1 + slope * (frame.xAt(x) - edge.x1));
    return { x, y: Math.min(frame.bottom, Math.max(frame.top, y)) };
  });
}

/** A place kept on the drawing area. */
function onPaper({ x, y }: PaperPoint, { left, right, top, bottom }: Frame): PaperPoint {
  return { x: Math.min(right, Math.max(left, x)), y: Math.min(bottom, Math.max(top, y)) };
}

const reach = 7;

/** The corner of an error box that is near a place, in the axes' units; undefined where none is. */
export function cornerNear(
  place: PaperPoint,
  { xValues, yValues, xBars, yBars }: FigurePoints,
  frame: Frame,
) {
  let found: { x: number; y: number } | undefined;
  let least = reach;
  for (let i = 0; i < xValues.length; i++) {
    const [x, y] = [xValues[i] as number, yValues[i] as number];
    for (const across of [x - (xBars.down[i] as number), x + (xBars.up[i] as number)]) {
      for (const up of [y - (yBars.down[i] as number), y + (yBars.up[i] as number)]) {
        const distance = Math.hypot(frame.across(across) - place.x, frame.up(up) - place.y);
        if (distance < least) [found, least] = [{ x: across, y: up }, distance];
      }
    }
  }
  return found;
}

type Ends = Pick<Straightedge, "x1" | "y1" | "x2" | "y2">;

/** Handles that stand nearer to each other than this, in points, give no line. */
const nearest = 6;

/**
 * Where the handles are once a part was moved by so much on the paper; a handle snaps to the corner of a box, and the
 * two never meet.
 */
export function movedEdge(
  edge: Straightedge,
  part: EdgePart,
  by: PaperPoint,
  frame: Frame,
  snapTo?: FigurePoints,
): Ends {
  const { left, right } = handlesOf(edge, frame);
  const shifted = (from: PaperPoint) => ({ x: from.x + by.x, y: from.y + by.y });
  const inUnits = ({ x, y }: PaperPoint) => ({ x: frame.xAt(x), y: frame.yAt(y) });
  if (part === "whole") {
    const [a, b] = [inUnits(shifted(left)), inUnits(shifted(right))];
    return { x1: a.x, y1: a.y, x2: b.x, y2: b.y };
  }
  const place = onPaper(shifted(part === "left" ? left : right), frame);
  const corner = snapTo && cornerNear(place, snapTo, frame);
  const other = part === "left" ? right : left;
  const to = corner ?? inUnits(place);
  const upright = Math.abs(frame.across(to.x) - other.x) < nearest;
  const { x1, y1, x2, y2 } = edge;
  if (upright) return { x1, y1, x2, y2 };
  const still = inUnits(other);
  return part === "left"
    ? { x1: to.x, y1: to.y, x2: still.x, y2: still.y }
    : { x1: still.x, y1: still.y, x2: to.x, y2: to.y };
}

/** A straightedge along a line, with its handles near the ends of the drawing area. */
export function laidAlong(
  { slope, intercept }: { slope: number; intercept: number },
  frame: Frame,
): Ends {
  const { from, to } = frame.xScale;
  const { left, right } = handlesOf(
    {
      order: "",
      role: "none",
      series: "",
      x1: from,
      x2: to,
      y1: slope * from + intercept,
      y2: slope * to + intercept,
    },
    frame,
  );
  const at = (part: number) => frame.xAt(left.x + part * (right.x - left.x));
  return laidBy({ x1: at(0.06), y1: 0, x2: at(0.94), y2: 0 }, slope, intercept);
}

/** The same handles along x, on a line of typed slope and intercept. */
export function laidBy({ x1, x2 }: Ends, slope: number, intercept: number): Ends {
  return { x1, x2, y1: slope * x1 + intercept, y2: slope * x2 + intercept };
}

/** A tenth of a step of the horizontal axis: to so much the corners of a slope triangle are taken. */
export function grainOf({ xScale }: Frame): number {
  const [first, second] = xScale.ticks;
  const step = first && second ? Math.abs(second.value - first.value) : xScale.to - xScale.from;
  return step / 10;
}

/** An x to the grain of the axis, without rounding dust. */
export function toGrain(x: number, grain: number): number {
  return Number((Math.round(x / grain) * grain).toPrecision(12));
}
