import { cleanText } from "@/core/text/cleanText";
import type { RunText } from "@/core/unit/runText";
import { asRead, goesLeft } from "@/figure/fonts/bothWays";
import type { FacedRun } from "@/figure/layout/setText";
import type { LookSpecification } from "@/figure/specification";
import { lettersTex } from "./texLetters";

/**
 * Plain text with what TeX would take for a command, or does not know as a letter, written out; what goes from right to
 * left is said to.
 */
export function texOfText(given: string, atRight = false): string {
  const text = cleanText(given);
  if (!atRight && !goesLeft(text)) return lettersTex(text);
  return asRead(text, atRight)
    .map(({ text: part, left }) => {
      const letters = lettersTex(part);
      if (left === atRight) return letters;
      return left ? `\\goesleft{${letters}}` : `\\goesright{${letters}}`;
    })
    .join("");
}

const scripts = { super: "textsuperscript", sub: "textsubscript" } as const;

/** Runs one after the other, with those that are raised or lowered so. */
function scriptedTex<Part extends { readonly script?: keyof typeof scripts | undefined }>(
  runs: readonly Part[],
  plain: (run: Part) => string,
): string {
  return runs
    .map((run) => (run.script ? `\\${scripts[run.script]}{${plain(run)}}` : plain(run)))
    .join("");
}

/** Runs as TeX: italics, raised and lowered parts. */
export function texOfRuns(runs: RunText): string {
  return scriptedTex(runs, ({ text, italic }) =>
    italic ? `\\textit{${texOfText(text)}}` : texOfText(text),
  );
}

/** Words of a figure as TeX; symbols stay in the letters of formulas where the rest has none. */
export function texOfWords(runs: readonly FacedRun[]): string {
  return scriptedTex(runs, ({ text, face }) => {
    const words = texOfText(text);
    return face.endsWith("Italic") ? `\\textit{\\rmfamily ${words}}` : words;
  });
}

/** The letters that a figure is set in; those of the document where it has serifs. */
export function familyTex({ lettering }: Pick<LookSpecification, "lettering">): string {
  return lettering === "sans" ? "\\sffamily" : "";
}

/** A size of one's own in points as printed, or the size of the document that belongs to it. */
export function sizeTex(points: number | undefined, otherwise: string): string {
  if (points === undefined) return otherwise;
  return `\\fontsize{${plainNumber(points)}bp}{${plainNumber(points * 1.2)}bp}\\selectfont`;
}

/** A number as TeX reads it: full precision, no more digits than are meant. */
export const plainNumber = (value: number) => String(Number(value.toPrecision(12)));

/** The name that a figure has for a colour, "#0E6E7E". */
export const colourName = (hex: string) => `colour${hex.slice(1)}`;

/** What names the colours that a picture uses. */
export function colourDefinitions(picture: string): string[] {
  const used = new Set([...picture.matchAll(/\bcolour([0-9A-F]{6})\b/g)].map(([, hex]) => hex));
  return [...used].map((hex) => `\\definecolor{colour${hex}}{HTML}{${hex}}`);
}
