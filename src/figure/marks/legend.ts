import { markerPath } from "../layout/marker";
import { setRuns, textShape } from "../layout/setText";
import { palette, seriesColour } from "../palette";
import type { Shape } from "../scene";
import type { Mark } from "./mark";

const longestName = 40;

function shortened(name: string): string {
  return name.length > longestName ? `${name.slice(0, longestName - 1)}…` : name;
}

/** Which marker is whose, in a line above the drawing area where no point can be; only for several series. */
export const legend: Mark = (figure, frame) => {
  if (figure.series.length < 2) return [];
  const entries = figure.series.map(({ name, place }) => ({ name: shortened(name), place }));
  const widthAt = (size: number) =>
    entries.reduce(
      (sum, { name }) => sum + setRuns([{ text: name, face: "sans" }], size).width + 3 * size,
      0,
    );
  const room = frame.right - frame.left;
  const size = Math.min(frame.textSize, (frame.textSize * room) / widthAt(frame.textSize));
  const y = frame.top - frame.textSize * 0.8;
  let x = frame.left + size * 0.6;
  return entries.flatMap(({ name, place }): Shape[] => {
    const at = x;
    x += setRuns([{ text: name, face: "sans" }], size).width + 3 * size;
    return [
      {
        kind: "path",
        role: "legend",
        d: markerPath(place, at, y - size * 0.3, size * 0.3),
        fill: seriesColour(place),
      },
      textShape("legend", [{ text: name, face: "sans" }], {
        ...{ x: at + size * 0.8, y, size, fill: palette.ink, align: "start" },
      }),
    ];
  });
};
