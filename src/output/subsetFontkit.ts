import fontkit from "@pdf-lib/fontkit";

/** What fontkit does to cut a TrueType font down; CFF fonts have no table of places. */
interface Subset {
  _addGlyph?: (glyph: unknown) => number;
  loca?: { version?: number };
}

interface Font {
  createSubset: () => Subset;
}

type Fontkit = typeof fontkit;

/**
 * Fontkit whose cut-down fonts keep the places of letters in long form. In the short form only even places can be
 * written, and the letters of some fonts (STIX Two Math) are of odd lengths: readers would refuse the whole font.
 */
export const subsetFontkit: Fontkit = {
  ...fontkit,
  create: (...given: Parameters<Fontkit["create"]>) => {
    const font = fontkit.create(...given);
    const { createSubset } = font as unknown as Font;
    (font as unknown as Font).createSubset = () => {
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
    return font;
  },
};
