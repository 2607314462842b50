import { markerOf, markerPath } from "../layout/marker";
import { textShape } from "../layout/setText";
import { lineHeight, markerRoom, type PlacedWords } from "../layout/words";
import { colourOf, inksOf } from "../palette";
import { stroke } from "../path/outlines";
import type { Path } from "../path/path";
import type { Shape, ShapeRole } from "../scene";
import { dashOfCurve } from "./curves";
import { strokeOf } from "./lines";
import type { FigureMark } from "./mark";

function written(role: ShapeRole, { runs, size, box }: PlacedWords, fill: string): Shape {
  return textShape(role, runs, {
    x: box.x,
    y: box.y + size,
    size,
    fill,
    align: "start",
  });
}

/** Which marker is whose, where it covers least; only for several series. */
export const legend: FigureMark = ({ look }, _, { legend: placed }) => {
  if (!placed) return [];
  const { entries, size, box } = placed;
  return entries.flatMap(({ of, runs, curve }, index): Shape[] => {
    const y = box.y + size * (lineHeight * index + 1.05);
    const at = box.x + size * 0.7;
    const ink = colourOf(of, look);
    const level = y - size * 0.3;
    const marker = { path: markerPath(markerOf(of), at, level, size * 0.3) };
    const inside = of.own?.hollow
      ? { fill: inksOf(look).paper, stroke: ink, strokeWidth: 0.9 }
      : { fill: ink };
    const dash = curve === undefined ? undefined : dashOfCurve(curve);
    const sign: Shape =
      curve === undefined
        ? { kind: "path", role: "legend", ...marker, ...inside }
        : {
            kind: "path",
            role: "legend",
            stroke: ink,
            strokeWidth: strokeOf(look),
            path: stroke(box.x, level, box.x + size * (markerRoom - 0.3), level),
            ...(dash && { dash: dash.map((length) => length / 2) }),
          };
    return [
      sign,
      textShape("legend", runs, {
        x: box.x + size * markerRoom,
        y,
        size,
        fill: inksOf(look).ink,
        align: "start",
      }),
    ];
  });
};

/** The equations of the lines. */
export const equations: FigureMark = ({ look }, _, { equations: all }) =>
  all.map((words) =>
    written("equation", words, words.uncertain ? inksOf(look).magenta : inksOf(look).ink),
  );

/** From the nearest edge of a box to a place, with a head. */
function arrow(
  { x, y, width, height }: PlacedWords["box"],
  [toX, toY]: readonly [number, number],
  head: number,
): Path {
  const fromX = Math.min(x + width, Math.max(x, toX));
  const fromY = Math.min(y + height, Math.max(y, toY));
  const length = Math.hypot(toX - fromX, toY - fromY);
  if (length < head) return [];
  const [dx, dy] = [(toX - fromX) / length, (toY - fromY) / length];
  const wing = (side: number) =>
    stroke(toX, toY, toX - head * (dx - side * 0.4 * dy), toY - head * (dy + side * 0.4 * dx));
  return [...stroke(fromX, fromY, toX, toY), ...wing(1), ...wing(-1)];
}

/** Words at their places, some with an arrow. */
export const labels: FigureMark = ({ look }, frame, { labels: all }) =>
  all.flatMap((words): Shape[] => {
    const { ink } = inksOf(look);
    const text = written("label", words, ink);
    const { to } = words.label;
    if (!to) return [text];
    const path = arrow(words.box, [frame.across(to.x), frame.up(to.y)], frame.textSize * 0.6);
    const arrowShape = {
      kind: "path",
      role: "arrow",
      path,
      stroke: ink,
      strokeWidth: 0.8,
    } as const;
    return path.length === 0 ? [text] : [arrowShape, text];
  });
