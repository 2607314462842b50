import type { Face } from "../scene";
import { arabicWidth, isArabicLetter } from "./arabicWidth";
import chinese from "./widths/chinese.json";
import hebrew from "./widths/hebrew.json";
import korean from "./widths/korean.json";
import math from "./widths/math.json";
import sans from "./widths/sans.json";
import sansBold from "./widths/sansBold.json";
import serif from "./widths/serif.json";
import serifBold from "./widths/serifBold.json";
import serifBoldItalic from "./widths/serifBoldItalic.json";
import serifItalic from "./widths/serifItalic.json";
import { widthTable } from "./widthTable";

/** The fonts in the order in which a letter is looked for: the face's own, then those for what it lacks. */
// prettier-ignore
export const fontChain = ["own", "math", "sans", "arabic", "hebrew", "chinese", "korean"] as const;
export type ChainedFont = (typeof fontChain)[number];

/** Letters of one text that one font holds. */
export interface Stretch {
  readonly text: string;
  /** Undefined where no shipped font holds them. */
  readonly font: ChainedFont | undefined;
  /** In thousandths of the size. */
  readonly width: number;
}

type Table = ReadonlyMap<number, number>;

const ownWidths: Readonly<Record<Face, Table>> = {
  sans: widthTable(sans),
  sansBold: widthTable(sansBold),
  serif: widthTable(serif),
  serifBold: widthTable(serifBold),
  serifItalic: widthTable(serifItalic),
  serifBoldItalic: widthTable(serifBoldItalic),
};
const mathWidths = widthTable(math);
const hebrewWidths = widthTable(hebrew);
const oddChinese = widthTable(chinese);
const oddKorean = widthTable(korean);

const isHangul = /\p{Script=Hangul}/u;
const isEastAsian =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Bopomofo}\u3000-\u303f\ufe30-\ufe4f\uff01-\uffef]/u;
/** The empty box that stands for a letter that no font holds. */
export const unheldSign = "\u25a1";
const unknownWidth = mathWidths.get(unheldSign.charCodeAt(0)) ?? 600;

/** Width of a code point in a font, in thousandths of the size; undefined where it has none. */
function widthIn(font: ChainedFont, code: number, face: Face): number | undefined {
  switch (font) {
    case "own":
      return ownWidths[face].get(code);
    case "math":
      return mathWidths.get(code);
    case "sans":
      return ownWidths[face.includes("Bold") ? "sansBold" : "sans"].get(code);
    case "arabic":
      return isArabicLetter(code) ? 0 : undefined;
    case "hebrew":
      return hebrewWidths.get(code);
    case "chinese":
      return (
        oddChinese.get(code) ?? (isEastAsian.test(String.fromCodePoint(code)) ? 1000 : undefined)
      );
    case "korean":
      return oddKorean.get(code) ?? (isHangul.test(String.fromCodePoint(code)) ? 920 : undefined);
  }
}

/** Joiners and selectors of a variant: they leave no trace of their own. */
const traceless = /[\u200c\u200d\ufe0e\ufe0f]/g;

/** A letter with its marks, which no two files can share, in the first font that holds all of it. */
function clusterStretch(text: string, face: Face): Stretch {
  const codes = [...text.replace(traceless, "")].map((letter) => letter.codePointAt(0) as number);
  for (const font of fontChain) {
    if (codes.length > 1 && (font === "own" || font === "sans")) continue;
    const widths = codes.map((code) => widthIn(font, code, face));
    if (widths.every((width) => width !== undefined)) {
      return { text, font, width: widths.reduce((sum, width) => sum + width, 0) };
    }
  }
  return { text, font: undefined, width: unknownWidth };
}

const cluster = /\P{M}[\p{M}\u200c\u200d\ufe0f]*|\p{M}+/gu;

/** Width of a text that its face holds letter by letter; undefined where another font is needed. */
export function plainWidth(text: string, face: Face): number | undefined {
  const own = ownWidths[face];
  let total = 0;
  for (let place = 0; place < text.length; place++) {
    const code = text.charCodeAt(place);
    const width = code >= 0x300 && code <= 0x36f ? undefined : own.get(code);
    if (width === undefined) return undefined;
    total += width;
  }
  return total;
}

/** A text as stretches that one font each holds, in the order in which it is read. */
export function stretchesOf(text: string, face: Face): readonly Stretch[] {
  const whole = plainWidth(text, face);
  if (whole !== undefined) return text === "" ? [] : [{ text, font: "own", width: whole }];
  const stretches: Stretch[] = [];
  for (const [letters] of text.matchAll(cluster)) {
    const next = clusterStretch(letters, face);
    const last = stretches.at(-1);
    if (last && last.font === next.font) {
      stretches[stretches.length - 1] = {
        text: last.text + next.text,
        font: last.font,
        width: last.width + next.width,
      };
    } else stretches.push(next);
  }
  return stretches.map((one) =>
    one.font === "arabic" ? { ...one, width: arabicWidth(one.text) } : one,
  );
}
