import { cleanText } from "@/core/text/cleanText";
import type { RunText } from "@/core/unit/runText";
import { fromLeftToRight, goesLeft } from "../fonts/bothWays";
import type { Face, PlacedRun, ShapeRole, TextShape } from "../scene";
import { textWidth } from "./textWidth";

/** A run with the face that it is to be set in. */
export interface FacedRun {
  readonly text: string;
  readonly face: Face;
  readonly script?: "super" | "sub";
}

const scriptSize = 0.72;
const raise = { super: -0.36, sub: 0.2 } as const;

/** Gives each run its face: italics in the serif italic, the rest in `upright`. */
export function faced(runs: RunText, upright: Face, italic: Face): FacedRun[] {
  return runs.map(({ text, italic: slanted, script }) => ({
    text,
    face: slanted ? italic : upright,
    script,
  }));
}

/** Runs in the order in which they stand, those of scripts that go left in parts. */
function standing(runs: readonly FacedRun[]): readonly FacedRun[] {
  const texts = runs.map(({ text }) => cleanText(text));
  if (!texts.some(goesLeft)) return runs.map((run, item) => ({ ...run, text: texts[item] ?? "" }));
  return fromLeftToRight(texts).map(({ item, text }) => ({ ...(runs[item] as FacedRun), text }));
}

/** Sets runs one after the other from (0, 0), with raised and lowered ones smaller. */
export function setRuns(
  runs: readonly FacedRun[],
  size: number,
): { placed: readonly PlacedRun[]; width: number } {
  let x = 0;
  const placed = standing(runs).map(({ text, face, script }) => {
    const runSize = script ? size * scriptSize : size;
    const run = { text, x, y: script ? size * raise[script] : 0, size: runSize, face };
    x += textWidth(text, face, runSize);
    return run;
  });
  return { placed, width: x };
}

/** A line of text as a shape; `align` says which part of it stands at x. */
export function textShape(
  role: ShapeRole,
  runs: readonly FacedRun[],
  at: {
    x: number;
    y: number;
    size: number;
    fill: string;
    align: "start" | "middle" | "end";
    rotate?: number;
  },
): TextShape {
  const { placed, width } = setRuns(runs, at.size);
  const back = at.align === "start" ? 0 : at.align === "middle" ? width / 2 : width;
  return {
    kind: "text",
    role,
    x: at.x,
    y: at.y,
    rotate: at.rotate ?? 0,
    fill: at.fill,
    runs: placed.map((run) => ({ ...run, x: run.x - back })),
  };
}
