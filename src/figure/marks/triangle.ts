import { textShape } from "../layout/setText";
import { inksOf } from "../palette";
import { polyline } from "../path/outlines";
import type { Shape } from "../scene";
import type { FigureMark } from "./mark";

/** The slope triangle with its steps, drawn as a construction. */
export const triangle: FigureMark = ({ look }, _, { triangle: placed }) => {
  if (!placed) return [];
  const { petrol } = inksOf(look);
  const sides: Shape = {
    kind: "path",
    role: "triangle",
    path: polyline(placed.corners),
    stroke: petrol,
    strokeWidth: 0.9,
  };
  const words = placed.words.map(({ runs, size, box }) =>
    textShape("triangle", runs, {
      x: box.x,
      y: box.y + size,
      size,
      fill: petrol,
      align: "start",
    }),
  );
  return [sides, ...words];
};
