import { quartersOf, sidesOf } from "@/figure/path/outlines";
import type { Curve, Path, Place } from "@/figure/path/path";

/** A stretch of an outline in straight pieces. */
export interface Stretch {
  readonly places: Place[];
  closed: boolean;
}

const pieces = 12;

function bezier([x0, y0]: Place, { x1, y1, x2, y2, x, y }: Curve): Place[] {
  const at = (t: number, a: number, b: number, c: number, d: number) =>
    a * (1 - t) ** 3 + 3 * b * t * (1 - t) ** 2 + 3 * c * t ** 2 * (1 - t) + d * t ** 3;
  return Array.from({ length: pieces }, (_, i): Place => {
    const t = (i + 1) / pieces;
    return [at(t, x0, x1, x2, x), at(t, y0, y1, y2, y)];
  });
}

/** An outline in straight pieces: stretches between two moves, twelve pieces to a curve. */
export function stretchesOf(path: Path): readonly Stretch[] {
  const found: Stretch[] = [];
  const plain = path.flatMap((one): Path => {
    if (one.kind === "circle") return quartersOf(one);
    return one.kind === "box" ? sidesOf(one) : [one];
  });
  for (const one of plain) {
    const last = found.at(-1);
    if (one.kind === "move") found.push({ places: [[one.x, one.y]], closed: false });
    else if (one.kind === "line") last?.places.push([one.x, one.y]);
    else if (one.kind === "curve") last?.places.push(...bezier(last.places.at(-1) as Place, one));
    else if (one.kind === "close" && last) last.closed = true;
  }
  return found;
}
