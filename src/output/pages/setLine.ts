import { fromLeftToRight, goesLeft } from "@/figure/fonts/bothWays";
import { movedStrokes } from "@/figure/maths/layoutMath";
import type { PlacedRun, Stroke } from "@/figure/scene";
import { type TextToken, type Token, tokenWidth } from "./tokens";
import type { Word } from "./words";

/** Words of a line, or a formula within it. */
export interface LinePart {
  /** What a formula is read out as. */
  readonly alt?: string;
  readonly runs: readonly PlacedRun[];
  readonly strokes: readonly Stroke[];
}

/** A line of words set about its base line. */
export interface SetLine {
  readonly parts: readonly LinePart[];
  readonly width: number;
  readonly ascent: number;
  readonly descent: number;
  /** It belongs to a paragraph that begins at the right. */
  readonly atRight?: boolean;
}

/** A token or a space between words. */
type Item = { readonly token: Token; readonly width: number; readonly isSpace?: true };

function spaceToken(before: Token | undefined, size: number): TextToken {
  if (before?.kind === "text") return { ...before, text: " " };
  return { kind: "text", text: " ", face: "serif", size, y: 0 };
}

/** The tokens of a line with the spaces between them; none at its end. */
function itemsOf(words: readonly Word[], size: number): Item[] {
  const items = words.flatMap(({ tokens, space }): Item[] => [
    ...tokens.map((token) => ({ token, width: tokenWidth(token) })),
    ...(space > 0
      ? [{ token: spaceToken(tokens.at(-1), size), width: space, isSpace: true as const }]
      : []),
  ]);
  while (items.at(-1)?.isSpace) items.pop();
  return items;
}

/** Items in the order in which they stand. */
function standing(items: readonly Item[], atRight: boolean): readonly Item[] {
  const texts = items.map(({ token }) => (token.kind === "math" ? "\ufffc" : token.text));
  if (!atRight && !texts.some(goesLeft)) return items;
  return fromLeftToRight(texts, atRight).map(({ item, text }): Item => {
    const whole = items[item] as Item;
    if (whole.token.kind === "math" || whole.isSpace) return whole;
    const token = { ...whole.token, text };
    return { token, width: tokenWidth(token) };
  });
}

/** A space is written with the word before it, if that is of the same kind. */
function pushRun(runs: PlacedRun[], { text, face, size, y }: TextToken, x: number): void {
  const last = runs.at(-1);
  if (
    text === " " &&
    last?.face === face &&
    last.size === size &&
    last.y === y &&
    !goesLeft(last.text)
  ) {
    runs[runs.length - 1] = { ...last, text: `${last.text} ` };
  } else runs.push({ text, x, y, size, face });
}

/** Sets words one after the other on a line. */
export function setLine(words: readonly Word[], size: number, atRight: boolean): SetLine {
  let x = 0;
  const parts: LinePart[] = [];
  let runs: PlacedRun[] = [];
  const endWords = () => {
    if (runs.length > 0) parts.push({ runs, strokes: [] });
    runs = [];
  };
  let [ascent, descent] = [0.76 * size, 0.24 * size];
  for (const { token, width } of standing(itemsOf(words, size), atRight)) {
    if (token.kind === "text") pushRun(runs, token, x);
    else {
      const { box, alt } = token;
      const at = x;
      endWords();
      parts.push({
        alt,
        strokes: movedStrokes(box.strokes, at, 0),
        runs: box.runs.map((run) => ({ ...run, x: run.x + at })),
      });
      ascent = Math.max(ascent, box.ascent);
      descent = Math.max(descent, box.descent);
    }
    x += width;
  }
  endWords();
  return { parts, width: x, ascent, descent, ...(atRight && { atRight }) };
}
