import { isMathLetter } from "@/figure/layout/mathLetters";
import type { Face, Scene } from "@/figure/scene";

/** Which font files hold a face: family, weight and slant. */
const files: Readonly<Record<Face, readonly [family: string, weight: string, slant: string]>> = {
  sans: ["source-sans-3", "400", "normal"],
  sansBold: ["source-sans-3", "600", "normal"],
  serif: ["stix-two-text", "400", "normal"],
  serifBold: ["stix-two-text", "600", "normal"],
  serifItalic: ["stix-two-text", "400", "italic"],
  serifBoldItalic: ["stix-two-text", "600", "italic"],
};

/** The part of a font that holds a letter; letters of mathematics have a font of their own. */
export function subsetOf(text: string): "latin" | "latin-ext" | "greek" | "math" {
  const letter = text.codePointAt(0) ?? 0;
  if (isMathLetter(letter)) return "math";
  if (letter >= 0x370 && letter <= 0x3ff) return "greek";
  const extended =
    (letter >= 0x100 && letter <= 0x2ba) ||
    (letter >= 0x1e00 && letter <= 0x1e9f) ||
    (letter >= 0x2070 && letter <= 0x209c);
  return extended ? "latin-ext" : "latin";
}

export interface PdfFontFile {
  readonly face: Face;
  readonly subset: string;
  readonly file: string;
}

/** Every font file that the texts of scenes need, each once. */
export function pdfFontFiles(scenes: readonly Scene[]): readonly PdfFontFile[] {
  const found = new Map<string, PdfFontFile>();
  for (const { shapes } of scenes) {
    for (const shape of shapes) {
      if (shape.kind !== "text") continue;
      for (const { face, text } of shape.runs) {
        for (const letter of text) {
          const subset = subsetOf(letter);
          const [family, weight, slant] = files[face];
          const file =
            subset === "math"
              ? "stix-two-math-latin-400-normal.woff"
              : `${family}-${subset}-${weight}-${slant}.woff`;
          found.set(`${face}/${subset}`, { face, subset, file });
        }
      }
    }
  }
  return [...found.values()];
}

/** Gives the bytes of a shipped font file. */
export type FontFetcher = (file: string) => Promise<ArrayBuffer | Uint8Array>;

/** Fetches a font from where the application is served. */
export async function fetchedFont(file: string): Promise<ArrayBuffer> {
  const response = await fetch(`/fonts/${file}`);
  if (!response.ok) throw new Error(`the font ${file} could not be fetched`);
  return response.arrayBuffer();
}
