import type { Face } from "../scene";
import { isMathLetter } from "./mathLetters";
import math from "./fontMetrics/math.json";
import sans from "./fontMetrics/sans.json";
import sansBold from "./fontMetrics/sansBold.json";
import serif from "./fontMetrics/serif.json";
import serifBold from "./fontMetrics/serifBold.json";
import serifBoldItalic from "./fontMetrics/serifBoldItalic.json";
import serifItalic from "./fontMetrics/serifItalic.json";

const widths: Record<Face, Readonly<Record<string, number>>> = {
  sans,
  sansBold,
  serif,
  serifBold,
  serifItalic,
  serifBoldItalic,
};

const mathWidths: Readonly<Record<string, number>> = math;

/** Width of a character that the shipped fonts lack, in thousandths of the size. */
const unknownWidth = 600;

/** Width of a text in points, from the shipped fonts' advance widths; the same on every machine. */
export function textWidth(text: string, face: Face, size: number): number {
  let total = 0;
  for (const character of text) {
    const own = isMathLetter(character.codePointAt(0) ?? 0) ? mathWidths : widths[face];
    total += own[character] ?? unknownWidth;
  }
  return (total * size) / 1000;
}
