/** A place on the paper in points, y downwards. */
export type Place = readonly [x: number, y: number];

/** A cubic Bézier curve with the control points 1 and 2, on to (x, y). */
export interface Curve {
  readonly kind: "curve";
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly x: number;
  readonly y: number;
}

export interface Circle {
  readonly kind: "circle";
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** An upright box from its upper left corner. */
export interface Box {
  readonly kind: "box";
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * A piece of an outline, in points, y downwards, unrounded. A line and a curve go on from where the last piece ended;
 * "move", a circle and a box begin anew; "close" goes back to where the stretch began.
 */
export type Segment =
  | { readonly kind: "move" | "line"; readonly x: number; readonly y: number }
  | Curve
  | Circle
  | Box
  | { readonly kind: "close" };

/** An outline of any number of stretches; every writer of a format takes it segment by segment. */
export type Path = readonly Segment[];

function placedSegment(segment: Segment, x: number, y: number, scale: number): Segment {
  switch (segment.kind) {
    case "move":
    case "line":
      return { kind: segment.kind, x: x + scale * segment.x, y: y + scale * segment.y };
    case "curve":
      return {
        kind: "curve",
        x1: x + scale * segment.x1,
        y1: y + scale * segment.y1,
        x2: x + scale * segment.x2,
        y2: y + scale * segment.y2,
        x: x + scale * segment.x,
        y: y + scale * segment.y,
      };
    case "circle": {
      const centre = { x: x + scale * segment.x, y: y + scale * segment.y };
      return { kind: "circle", ...centre, radius: scale * segment.radius };
    }
    case "box": {
      const corner = { x: x + scale * segment.x, y: y + scale * segment.y };
      const [width, height] = [scale * segment.width, scale * segment.height];
      return { kind: "box", ...corner, width, height };
    }
    case "close":
      return segment;
  }
}

/** A path made `scale` times as large about the origin, then moved so that the origin comes to lie at (x, y). */
export function placed(path: Path, x: number, y: number, scale = 1): Path {
  return path.map((segment) => placedSegment(segment, x, y, scale));
}
