import { familyOf } from "./families";
import { heldRanges } from "./fontFiles";

/** The rule by which CSS knows a font file: its family, its weights, and the letters that it is taken for. */
export function faceRule(file: string, url: string): string {
  const { family, weights } = familyOf(file);
  const slant = file.endsWith("-italic") ? "font-style:italic;" : "";
  const ranges = heldRanges(file).split(" ");
  const letters = ranges.map((range) => `U+${range.toUpperCase()}`).join(",");
  return (
    `@font-face{font-family:'${family}';${slant}font-weight:${weights};font-display:swap;` +
    `unicode-range:${letters};src:url(${url}) format('woff2');}`
  );
}
