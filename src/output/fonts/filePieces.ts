import { stretchesOf, unheldSign } from "@/figure/fonts/stretches";
import { textWidth } from "@/figure/layout/textWidth";
import type { Face, Scene } from "@/figure/scene";
import { fontFileOf } from "./fontFiles";

/** Letters that one font file holds. */
export interface FilePiece {
  readonly text: string;
  /** What is drawn instead, as no shipped font holds them. */
  readonly drawnAs?: string;
  readonly file: string;
  /** In points at the size 1. */
  readonly width: number;
  /** Its letters are joined or carry marks, so that each has a place of its own. */
  readonly joined: boolean;
}

/** Joiners and selectors of a variant that leave no trace of their own. */
const traceless = /[\u200c\u200d\ufe0e\ufe0f]/g;
const oddSpace = /[\u2000-\u200a\u202f\u205f]/;
const boxFile = "stix-two-math";
const cluster = /\P{M}[\p{M}\u200c\u200d\ufe0f]*|\p{M}+/gu;

/** A text in pieces, in the order in which it is read; spaces of odd widths stand alone. */
export function filePieces(text: string, face: Face): readonly FilePiece[] {
  const pieces: FilePiece[] = [];
  for (const stretch of stretchesOf(text, face)) {
    const joined = stretch.font === "arabic" || /\p{M}/u.test(stretch.text);
    const held = stretch.font !== undefined;
    const parts = new Array<{ text: string; file: string }>();
    for (const [letters] of stretch.text.matchAll(cluster)) {
      const code = letters.codePointAt(0) as number;
      const file = (stretch.font && fontFileOf(stretch.font, face, code)) ?? boxFile;
      const last = parts.at(-1);
      const odd = oddSpace.test(letters) || (last && oddSpace.test(last.text));
      if (last && last.file === file && !odd) last.text += letters;
      else parts.push({ text: letters, file });
    }
    for (const part of parts) {
      const width = parts.length === 1 ? stretch.width / 1000 : textWidth(part.text, face, 1);
      const text = held && stretch.font !== "arabic" ? part.text.replace(traceless, "") : part.text;
      const drawnAs = held ? undefined : unheldSign.repeat([...part.text.matchAll(cluster)].length);
      pieces.push({ ...part, text, width, joined, ...(drawnAs && { drawnAs }) });
    }
  }
  return pieces;
}

/** Every font file that the texts of scenes need, with the weights. */
export function filesOfScenes(scenes: readonly Scene[]): ReadonlyMap<string, Face[]> {
  const faces = new Map<string, Face[]>();
  const seen = new Set<string>();
  for (const { shapes } of scenes) {
    for (const shape of shapes) {
      if (shape.kind !== "text") continue;
      for (const { text, face } of shape.runs) {
        if (seen.has(face + text)) continue;
        seen.add(face + text);
        for (const { file } of filePieces(text, face)) {
          const own = faces.get(file) ?? [];
          if (!own.includes(face)) faces.set(file, [...own, face]);
        }
      }
    }
  }
  return faces;
}
