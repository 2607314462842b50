import type { RunText } from "@/core/unit/runText";
import { textWidth } from "@/figure/layout/textWidth";
import { layoutMath, type MathBox } from "@/figure/maths/layoutMath";
import type { Face, PathShape, PlacedRun, Scene, Shape } from "@/figure/scene";
import type { TextMark } from "@/investigation/model/richText";
import type { Inline } from "../report/report";

/** Part of a word: letters of one face and height, or a formula. */
type Token =
  | {
      readonly kind: "text";
      readonly text: string;
      readonly face: Face;
      readonly size: number;
      readonly y: number;
    }
  | { readonly kind: "math"; readonly box: MathBox };

/** Tokens that no line is broken between, with the space behind them. */
interface Word {
  readonly tokens: readonly Token[];
  readonly width: number;
  readonly space: number;
}

/** A line of words set about its base line. */
export interface SetLine {
  readonly runs: readonly PlacedRun[];
  readonly strokes: readonly Pick<PathShape, "d" | "strokeWidth">[];
  readonly width: number;
  readonly ascent: number;
  readonly descent: number;
}

const scriptSize = 0.72;
const raise = { super: -0.36, sub: 0.2 } as const;

/** The family in which words are set. */
export type Family = "serif" | "sans";

function faceFor(family: Family, marks: readonly TextMark[]): Face {
  const [bold, italic] = [marks.includes("bold"), marks.includes("italic")];
  if (italic) return bold ? "serifBoldItalic" : "serifItalic";
  if (family === "serif") return bold ? "serifBold" : "serif";
  return bold ? "sansBold" : "sans";
}

function textToken(text: string, marks: readonly TextMark[], size: number, family: Family): Token {
  const script = marks.includes("super") ? "super" : marks.includes("sub") ? "sub" : undefined;
  return {
    ...{ kind: "text", text, face: faceFor(family, marks) },
    size: script ? size * scriptSize : size,
    y: script ? raise[script] * size : 0,
  };
}

/** Runs as inlines, so that numbers and headings are set like words. */
export function runInlines(runs: RunText, bold = false): readonly Inline[] {
  return runs.map(({ text, italic, script }): Inline => {
    const marks: TextMark[] = [
      ...(bold ? ["bold" as const] : []),
      ...(italic ? ["italic" as const] : []),
      ...(script ? [script] : []),
    ];
    return { kind: "text", text, marks };
  });
}

function tokensOf(inline: Inline, size: number, family: Family): readonly Token[] {
  switch (inline.kind) {
    case "text":
      return [textToken(inline.text, inline.marks ?? [], size, family)];
    case "reference":
      return [textToken(inline.text, [], size, family)];
    case "value":
      return runInlines(inline.runs).flatMap((one) => tokensOf(one, size, family));
    case "formula":
      return [{ kind: "math", box: layoutMath(inline.tex, size) }];
  }
}

const widthOf = (token: Token) =>
  token.kind === "math" ? token.box.width : textWidth(token.text, token.face, token.size);

/** Words with the spaces between them; a no-break space breaks nothing. */
function wordsOf(tokens: readonly Token[]): Word[] {
  const words: Word[] = [];
  let now: Token[] = [];
  const end = (space: number) => {
    const width = now.reduce((sum, token) => sum + widthOf(token), 0);
    if (now.length > 0 || space > 0) words.push({ tokens: now, width, space });
    now = [];
  };
  for (const token of tokens) {
    if (token.kind === "math") {
      now.push(token);
      continue;
    }
    token.text.split(/[ \n\t]/).forEach((text, index) => {
      if (index > 0) end(textWidth(" ", token.face, token.size));
      if (text !== "") now.push({ ...token, text });
    });
  }
  end(0);
  return words;
}

/** A word that is longer than a line, letter by letter. */
function broken(word: Word, room: number): Word[] {
  if (word.width <= room) return [word];
  return word.tokens.flatMap((token): Word[] => {
    if (token.kind === "math") return [{ tokens: [token], width: token.box.width, space: 0 }];
    return [...token.text].map((text) => {
      const letter = { ...token, text };
      return { tokens: [letter], width: widthOf(letter), space: 0 };
    });
  });
}

function setLine(words: readonly Word[], size: number): SetLine {
  let x = 0;
  const runs: PlacedRun[] = [];
  const strokes: Pick<PathShape, "d" | "strokeWidth">[] = [];
  let [ascent, descent] = [0.76 * size, 0.24 * size];
  let width = 0;
  for (const [place, { tokens, space }] of words.entries()) {
    const spaced = space > 0 && place < words.length - 1;
    for (const token of tokens) {
      const gap = spaced && token === tokens.at(-1) ? " " : "";
      if (token.kind === "text") {
        const text = `${token.text}${gap}`;
        runs.push({ text, x, y: token.y, size: token.size, face: token.face });
      } else {
        const { box } = token;
        const at = x;
        runs.push(...box.runs.map((run) => ({ ...run, x: run.x + at })));
        strokes.push(...movedStrokes(box.strokes, at, 0));
        ascent = Math.max(ascent, box.ascent);
        descent = Math.max(descent, box.descent);
      }
      x += widthOf(token);
    }
    width = x;
    x += space;
  }
  return { runs, strokes, width, ascent, descent };
}

/** Strokes of a formula at another place. */
export function movedStrokes(
  strokes: readonly Pick<PathShape, "d" | "strokeWidth">[],
  x: number,
  y: number,
) {
  return strokes.map(({ d, strokeWidth }) => ({
    ...(strokeWidth !== undefined && { strokeWidth }),
    d: d.replace(/([\d.-]+) ([\d.-]+)/g, (_, a: string, b: string) => {
      const place = (value: number) => String(Math.round(value * 100) / 100);
      return `${place(Number(a) + x)} ${place(Number(b) + y)}`;
    }),
  }));
}

/** Inlines broken into lines no wider than `room`. */
export function setLines(
  inlines: readonly Inline[],
  room: number,
  size: number,
  family: Family = "serif",
): readonly SetLine[] {
  const tokens = inlines.flatMap((inline) => tokensOf(inline, size, family));
  const lines: SetLine[] = [];
  let line: Word[] = [];
  let width = 0;
  for (const word of wordsOf(tokens).flatMap((one) => broken(one, room))) {
    if (line.length > 0 && width + word.width > room) {
      lines.push(setLine(line, size));
      [line, width] = [[], 0];
    }
    line.push(word);
    width += word.width + word.space;
  }
  if (line.length > 0) lines.push(setLine(line, size));
  return lines;
}

/** A line as a scene of its own, its base line `ascent` below its top. */
export function lineScene(line: SetLine, fill: string): Scene {
  const { runs, strokes, width, ascent, descent } = line;
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
