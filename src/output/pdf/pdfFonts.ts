import { remembered } from "@/remembered/remembered";
import { type PDFDocument, type PDFFont, type PDFName, type PDFPage } from "pdf-lib";
import type { Face, Scene } from "@/figure/scene";
import { fetchedFont, type FontFetcher } from "../fonts/fetchedFont";
import { unpackedWoff } from "../fonts/unpackedWoff";
import { filesOfScenes } from "../fonts/filePieces";
import { weightOf } from "../fonts/fontFiles";
import type { ShapingFont } from "./shapingFontkit";

/** Letters of a piece with their places beside its beginning, in thousandths of the size. */
interface Drawn {
  readonly text: string;
  readonly x: number;
  readonly y: number;
}

/** One embedded font file, cut down to the letters that are used. */
export class PdfFont {
  private readonly encoded = new Map<string, string>();
  private readonly placed = new Map<string, readonly Drawn[]>();

  constructor(
    private readonly font: PDFFont,
    private readonly shaping: ShapingFont,
  ) {}

  /** The name by which a page knows the font. */
  readonly keyOn = remembered((page: PDFPage): PDFName =>
    page.node.newFontDictionary(this.font.name, this.font.ref),
  );

  /** Letters one after the other, as operators take them. */
  encode(text: string): string {
    const known = this.encoded.get(text) ?? this.font.encodeText(text).toString();
    this.encoded.set(text, known);
    return known;
  }

  /** Joined letters and marks, each at its place, from left to right. */
  place(text: string): readonly Drawn[] {
    const known = this.placed.get(text);
    if (known) return known;
    const { positions } = this.shaping.layout(text, { kern: false });
    const codes = this.encode(text).slice(1, -1).match(/.{4}/g) ?? [];
    const scale = 1000 / this.shaping.unitsPerEm;
    let pen = 0;
    const drawn = codes.map((code, at): Drawn => {
      const { xAdvance = 0, xOffset = 0, yOffset = 0 } = positions[at] ?? {};
      const own = { text: `<${code}>`, x: (pen + xOffset) * scale, y: yOffset * scale };
      pen += xAdvance;
      return own;
    });
    this.placed.set(text, drawn);
    return drawn;
  }
}

/** The fonts of a document by file and weight, embedded once. */
export type PdfFonts = ReadonlyMap<string, PdfFont>;

export const fontKey = (file: string, face: Face) => `${file}-${weightOf(face)}`;

/** Embeds the fonts that scenes need. */
export async function embeddedFonts(
  document: PDFDocument,
  scenes: readonly Scene[],
  fetchFont: FontFetcher = fetchedFont,
): Promise<PdfFonts> {
  const { shapingFontkit } = await import("./shapingFontkit");
  document.registerFontkit(
    shapingFontkit as unknown as Parameters<PDFDocument["registerFontkit"]>[0],
  );
  const wanted = new Set<string>();
  for (const [file, faces] of filesOfScenes(scenes)) {
    for (const face of faces) wanted.add(fontKey(file, face));
  }
  const embedded = [...wanted].map(async (key) => {
    const bytes = await unpackedWoff(new Uint8Array(await fetchFont(`${key}.woff`)));
    const font = await document.embedFont(bytes, { subset: true });
    return [key, new PdfFont(font, shapingFontkit.create(bytes))] as const;
  });
  return new Map(await Promise.all(embedded));
}
