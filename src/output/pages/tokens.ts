import { cleanText } from "@/core/text/cleanText";
import type { RunText } from "@/core/unit/runText";
import { textWidth } from "@/figure/layout/textWidth";
import { layoutMath, type MathBox } from "@/figure/maths/layoutMath";
import { plainMath, readTex } from "@/figure/maths/readTex";
import type { Face } from "@/figure/scene";
import type { TextMark } from "@/investigation/model/richText";
import type { Inline } from "../report/report";

/** Letters of one face and height. */
export interface TextToken {
  readonly kind: "text";
  readonly text: string;
  readonly face: Face;
  readonly size: number;
  readonly y: number;
}

/** A formula, and what it is read out as. */
export interface MathToken {
  readonly kind: "math";
  readonly box: MathBox;
  readonly alt: string;
}

/** Part of a word: letters, or a formula. */
export type Token = TextToken | MathToken;

/** The family in which words are set. */
export type Family = "serif" | "sans";

const scriptSize = 0.72;
const raise = { super: -0.36, sub: 0.2 } as const;

function faceFor(family: Family, marks: readonly TextMark[]): Face {
  const [bold, italic] = [marks.includes("bold"), marks.includes("italic")];
  if (italic) return bold ? "serifBoldItalic" : "serifItalic";
  if (family === "serif") return bold ? "serifBold" : "serif";
  return bold ? "sansBold" : "sans";
}

function textToken(text: string, marks: readonly TextMark[], size: number, family: Family): Token {
  const script = marks.includes("super") ? "super" : marks.includes("sub") ? "sub" : undefined;
  return {
    kind: "text",
    text: cleanText(text),
    face: faceFor(family, marks),
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

export function tokensOf(inline: Inline, size: number, family: Family): readonly Token[] {
  switch (inline.kind) {
    case "text":
      return [textToken(inline.text, inline.marks ?? [], size, family)];
    case "reference":
      return [textToken(inline.text, [], size, family)];
    case "value":
      return runInlines(inline.runs).flatMap((one) => tokensOf(one, size, family));
    case "formula":
      return [
        { kind: "math", box: layoutMath(inline.tex, size), alt: plainMath(readTex(inline.tex)) },
      ];
  }
}

export function tokenWidth(token: Token): number {
  return token.kind === "math" ? token.box.width : textWidth(token.text, token.face, token.size);
}
