import { beginsAtRight } from "@/figure/fonts/bothWays";
import { movedStrokes } from "@/figure/maths/layoutMath";
import type { Scene, Shape } from "@/figure/scene";
import type { Inline } from "../report/report";
import { type LinePart, setLine, type SetLine } from "./setLine";
import { type Family, tokensOf } from "./tokens";
import { broken, type Word, wordsOf } from "./words";

/** Inlines broken into lines no wider than `room`. */
export function setLines(
  inlines: readonly Inline[],
  room: number,
  size: number,
  family: Family = "serif",
): readonly SetLine[] {
  const tokens = inlines.flatMap((inline) => tokensOf(inline, size, family));
  const text = tokens.map((token) => (token.kind === "math" ? "" : token.text)).join("");
  const atRight = beginsAtRight(text);
  const lines: SetLine[] = [];
  let line: Word[] = [];
  let width = 0;
  for (const word of wordsOf(tokens).flatMap((one) => broken(one, room))) {
    if (line.length > 0 && width + word.width > room) {
      lines.push(setLine(line, size, atRight));
      [line, width] = [[], 0];
    }
    line.push(word);
    width += word.width + word.space;
  }
  if (line.length > 0) lines.push(setLine(line, size, atRight));
  return lines;
}

type Extent = Pick<SetLine, "width" | "ascent" | "descent">;

/** Runs and strokes about a base line as a scene, the base line `ascent` below its top. */
export function partScene({ runs, strokes }: LinePart, extent: Extent, fill: string): Scene {
  const { width, ascent, descent } = extent;
  const text: Shape[] =
    runs.length > 0
      ? [{ kind: "text", role: "words", x: 0, y: ascent, rotate: 0, fill, runs }]
      : [];
  const paths = movedStrokes(strokes, 0, ascent).map((one): Shape => ({
    kind: "path",
    role: "rule",
    stroke: fill,
    ...one,
  }));
  return { width, height: ascent + descent, shapes: [...text, ...paths], spots: [] };
}

/** A line as a scene of its own. */
export function lineScene(line: SetLine, fill: string): Scene {
  const runs = line.parts.flatMap((part) => part.runs);
  const strokes = line.parts.flatMap((part) => part.strokes);
  return partScene({ runs, strokes }, line, fill);
}
