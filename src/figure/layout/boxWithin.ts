import type { Box } from "./emptiestPlace";
import type { Frame } from "./frame";

/** A box moved as little as it takes to lie within the drawing area. */
export function boxWithin(box: Box, { left, right, top, bottom }: Frame): Box {
  const x = Math.min(Math.max(box.x, left), Math.max(left, right - box.width));
  const y = Math.min(Math.max(box.y, top), Math.max(top, bottom - box.height));
  return { ...box, x, y };
}
