import type { Box, Circle, Curve, Path, Place, Segment } from "./path";

/** A straight stroke from one place to another. */
export function stroke(x1: number, y1: number, x2: number, y2: number): Path {
  return [
    { kind: "move", x: x1, y: y1 },
    { kind: "line", x: x2, y: y2 },
  ];
}

/** Straight stretches from place to place. */
export function polyline(places: readonly Place[]): Path {
  return places.map(([x, y], i): Segment => ({ kind: i === 0 ? "move" : "line", x, y }));
}

/** Straight stretches from place to place and back to the first. */
export function polygon(places: readonly Place[]): Path {
  return [...polyline(places), { kind: "close" }];
}

export function circle(x: number, y: number, radius: number): Path {
  return [{ kind: "circle", x, y, radius }];
}

/** An upright box from its upper left corner. */
export function box(x: number, y: number, width: number, height: number): Path {
  return [{ kind: "box", x, y, width, height }];
}

/** A curve both of whose control points lie the same part of the way to one corner. */
function towardsCorner([x0, y0]: Place, [cx, cy]: Place, [x, y]: Place, part: number): Curve {
  const towards = (end: number, corner: number) => end + part * (corner - end);
  return {
    kind: "curve",
    x1: towards(x0, cx),
    y1: towards(y0, cy),
    x2: towards(x, cx),
    y2: towards(y, cy),
    x,
    y,
  };
}

/** A quadratic Bézier curve from where the path is, as the cubic that it is. */
export function quadratic(from: Place, control: Place, to: Place): Curve {
  return towardsCorner(from, control, to, 2 / 3);
}

/** How far the control points of a quarter of a circle lie from its ends, in radii: it is off by no more than 0.0003 radii. */
const quarterReach = (4 / 3) * (Math.SQRT2 - 1);

/** A quarter of an upright ellipse between two of its extremes; `corner` is the corner of the box around the quarter. */
export function quarter(from: Place, corner: Place, to: Place): Curve {
  return towardsCorner(from, corner, to, quarterReach);
}

/** A circle as its four quarters from the left by the foot, for formats that have no circles. */
export function quartersOf({ x, y, radius }: Circle): Path {
  const [left, right, top, foot] = [x - radius, x + radius, y - radius, y + radius];
  return [
    { kind: "move", x: left, y },
    quarter([left, y], [left, foot], [x, foot]),
    quarter([x, foot], [right, foot], [right, y]),
    quarter([right, y], [right, top], [x, top]),
    quarter([x, top], [left, top], [left, y]),
    { kind: "close" },
  ];
}

/** A box as four straight stretches. */
export function sidesOf({ x, y, width, height }: Box): Path {
  return polygon([
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]);
}
