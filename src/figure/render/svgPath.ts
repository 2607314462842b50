import type { Box, Circle, Path, Segment } from "../path/path";
import { coordinate } from "./coordinate";

const at = (x: number, y: number) => `${coordinate(x)} ${coordinate(y)}`;

/** Two halves, as an arc of SVG cannot go all the way round; rounded so that they meet. */
function circle({ x, y, radius }: Circle): string {
  const r = coordinate(radius);
  const across = coordinate(2 * Number(r));
  return `M${at(x - Number(r), y)}a${r} ${r} 0 1 0 ${across} 0a${r} ${r} 0 1 0 -${across} 0Z`;
}

function box({ x, y, width, height }: Box): string {
  return `M${at(x, y)}h${coordinate(width)}v${coordinate(height)}h${coordinate(-width)}Z`;
}

function written(segment: Segment): string {
  switch (segment.kind) {
    case "move":
      return `M${at(segment.x, segment.y)}`;
    case "line":
      return `L${at(segment.x, segment.y)}`;
    case "curve":
      return `C${at(segment.x1, segment.y1)} ${at(segment.x2, segment.y2)} ${at(segment.x, segment.y)}`;
    case "circle":
      return circle(segment);
    case "box":
      return box(segment);
    case "close":
      return "Z";
  }
}

/** A path as the `d` of an SVG path, in hundredths of a point. */
export function svgPath(path: Path): string {
  let d = "";
  for (const segment of path) d += written(segment);
  return d;
}
