import { heldRanges } from "./fontFiles";

const families: readonly (readonly [stem: string, family: string, weights: string])[] = [
  ["source-sans-3", "Source Sans 3", "200 900"],
  ["stix-two-text", "STIX Two Text", "400 700"],
  ["stix-two-math", "STIX Two Math", "400"],
  ["vazirmatn", "Vazirmatn", "100 900"],
  ["noto-sans-hebrew", "Noto Sans Hebrew", "100 900"],
  ["noto-sans-sc", "Noto Sans SC", "100 900"],
  ["noto-sans-kr", "Noto Sans KR", "100 900"],
];

/** The rule by which CSS knows a font file: its family, its weights, and the letters that it is taken for. */
export function faceRule(file: string, url: string): string {
  const known = families.find(([stem]) => file.startsWith(stem));
  if (!known) throw new Error(`no family is known for the font ${file}`);
  const slant = file.endsWith("-italic") ? "font-style:italic;" : "";
  const ranges = heldRanges(file).split(" ");
  const letters = ranges.map((range) => `U+${range.toUpperCase()}`).join(",");
  return (
    `@font-face{font-family:'${known[1]}';${slant}font-weight:${known[2]};font-display:swap;` +
    `unicode-range:${letters};src:url(${url}) format('woff2');}`
  );
}
