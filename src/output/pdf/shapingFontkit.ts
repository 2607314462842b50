import { remembered } from "@/remembered/remembered";
import fontkit from "@pdf-lib/fontkit";

/** What fontkit does to cut a TrueType font down; CFF fonts have no table of places. */
interface Subset {
  _addGlyph?: (glyph: unknown) => number;
  loca?: { version?: number };
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

type Fontkit = Omit<typeof fontkit, "create"> & { create: (bytes: Uint8Array) => ShapingFont };

/** Cut-down fonts that keep the places of letters in long form: the short one can write even places only. */
function withLongPlaces(font: ShapingFont): void {
  const { createSubset } = font;
  font.createSubset = () => {
    const subset = createSubset.call(font);
    const add = subset._addGlyph;
    subset._addGlyph =
      add &&
      function (this: Subset, glyph) {
        if (this.loca) this.loca.version = 1;
        return add.call(this, glyph);
      };
    return subset;
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

/** Fontkit with fonts that every reader takes and no text stops; the same bytes are opened once. */
export const shapingFontkit: Fontkit = {
  ...fontkit,
  create: remembered((bytes: Uint8Array): ShapingFont => {
    const font = fontkit.create(bytes) as unknown as ShapingFont;
    withLongPlaces(font);
    withPlainLayout(font);
    return font;
  }),
};
