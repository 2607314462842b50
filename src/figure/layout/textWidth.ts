import { plainWidth, stretchesOf } from "../fonts/stretches";
import type { Face } from "../scene";

/** Width of a text in points, from the shipped fonts' advance widths; the same on every machine. */
export function textWidth(text: string, face: Face, size: number): number {
  const width =
    plainWidth(text, face) ??
    stretchesOf(text, face).reduce((sum, stretch) => sum + stretch.width, 0);
  return (width * size) / 1000;
}
