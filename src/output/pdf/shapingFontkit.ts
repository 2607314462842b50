import { create } from "fontkit";
import { remembered } from "@/remembered/remembered";

/** A font that is being cut down to some of its letters. */
interface Subset {
  readonly encode: () => Uint8Array;
}

/** Bytes as pdf-lib takes them: it listens for data, then for their end. */
interface ByteStream {
  on: (event: "data" | "end" | "error", hear: (bytes: Uint8Array) => void) => ByteStream;
}

interface Glyph {
  readonly id: number;
  readonly advanceWidth: number;
  readonly codePoints: readonly number[];
}

/** Where a letter is drawn beside its pen, in the font's units. */
export interface Offset {
  readonly xAdvance: number;
  readonly xOffset: number;
  readonly yOffset: number;
}

/** A text as the font sets it, from left to right. */
export interface Shaped {
  readonly glyphs: readonly Glyph[];
  readonly positions: readonly Offset[];
}

/** What of fontkit's fonts is used here. */
export interface ShapingFont {
  readonly unitsPerEm: number;
  readonly characterSet: readonly number[];
  createSubset: () => Subset;
  layout: (text: string, features?: unknown) => Shaped;
  glyphsForString: (text: string) => readonly Glyph[];
  glyphForCodePoint: (code: number) => Glyph;
}

const nothing = new Uint8Array();

function streamOf(encode: () => Uint8Array): ByteStream {
  const stream: ByteStream = {
    on: (event, hear) => {
      if (event === "data") hear(encode());
      if (event === "end") hear(nothing);
      return stream;
    },
  };
  return stream;
}

/** Cut-down fonts that tell their bytes in the way that pdf-lib asks for them. */
function withStreams(font: ShapingFont): void {
  const { createSubset } = font;
  font.createSubset = () => {
    const subset = createSubset.call(font);
    return Object.assign(subset, { encodeStream: () => streamOf(() => subset.encode()) });
  };
}

const joins = /[\p{Script=Arabic}\p{Script=Hebrew}\p{M}]/u;

function letterByLetter(font: ShapingFont, text: string): Shaped {
  const glyphs = font.glyphsForString(text);
  const still = { xAdvance: 0, xOffset: 0, yOffset: 0 };
  return { glyphs, positions: glyphs.map(() => still) };
}

/** Only joined letters, marks and what goes left need more than a sign for each letter. */
function withPlainLayout(font: ShapingFont): void {
  const { layout } = font;
  font.layout = (text, features) => {
    if (!joins.test(text)) return letterByLetter(font, text);
    try {
      return layout.call(font, text, features);
    } catch {
      // The font has no place for one of the marks.
      return letterByLetter(font, text);
    }
  };
}

/** Fontkit as pdf-lib takes it, with fonts that no text stops; the same bytes are opened once. */
export const shapingFontkit = {
  create: remembered((bytes: Uint8Array): ShapingFont => {
    const font = create(bytes as Buffer) as unknown as ShapingFont;
    withStreams(font);
    withPlainLayout(font);
    return font;
  }),
};
