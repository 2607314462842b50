/** Which font files ship with the application, and which letters each of them is taken for. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { familyOf } from "../../src/output/fonts/families";

export const root = join(import.meta.dirname, "../..");
const modules = join(root, "node_modules");

export type Weight = 400 | 600;
export const weights: readonly Weight[] = [400, 600];

/** One file of a font: a family, a slant and a part of its letters. */
export interface FontSource {
  readonly family: string;
  readonly slant: "normal" | "italic";
  /** The name of its files in public/fonts, without weight and ending. */
  readonly name: string;
  /** What the page loads. */
  readonly page: string;
  /** What a PDF carries, by weight; without it the page's file is cut down to one weight. */
  readonly single?: (weight: Weight) => string;
  /** The letters that the packages declare for it. */
  readonly declared: readonly number[];
}

/** Code points of ranges as CSS writes them: U+30-39,U+41. */
export function codePointsOf(ranges: string): number[] {
  return ranges.split(",").flatMap((range) => {
    const [from = 0, to = from] = range
      .trim()
      .slice(2)
      .split("-")
      .map((hex) => parseInt(hex, 16));
    return Array.from({ length: to - from + 1 }, (_, i) => from + i);
  });
}

function declaredBy(folder: string): Record<string, string> {
  return JSON.parse(readFileSync(join(modules, folder, "unicode.json"), "utf8"));
}

/** Latin first: what two parts declare is taken from the first. */
const textSubsets = [
  ...["latin", "latin-ext", "greek", "greek-ext"],
  ...["cyrillic", "cyrillic-ext", "vietnamese"],
];

function textSources(stem: string, slant: "normal" | "italic"): FontSource[] {
  const declared = declaredBy(`@fontsource-variable/${stem}`);
  return textSubsets
    .filter((subset) => declared[subset])
    .map((subset) => ({
      family: familyOf(stem).family,
      slant,
      name: `${stem}-${subset}-${slant}`,
      page: join(
        modules,
        `@fontsource-variable/${stem}/files/${stem}-${subset}-wght-${slant}.woff2`,
      ),
      single: (weight) =>
        join(modules, `@fontsource/${stem}/files/${stem}-${subset}-${weight}-${slant}.woff`),
      declared: codePointsOf(declared[subset] as string),
    }));
}

const everyPlane = Array.from({ length: 0x1ffff }, (_, code) => code);

/** Signs that the text fonts lack; in one weight. */
const mathSource: FontSource = {
  family: familyOf("stix-two-math").family,
  slant: "normal",
  name: "stix-two-math",
  page: join(modules, "@fontsource/stix-two-math/files/stix-two-math-latin-400-normal.woff2"),
  single: () =>
    join(modules, "@fontsource/stix-two-math/files/stix-two-math-latin-400-normal.woff"),
  declared: everyPlane,
};

/** A font for one script, in as many files as its package has for it. */
function scriptSources(stem: string, takes: (subset: string) => boolean, letters: RegExp) {
  return Object.entries(declaredBy(`@fontsource-variable/${stem}`))
    .filter(([subset]) => takes(subset))
    .map(([subset, ranges]): FontSource => {
      const part = subset.replace(/[[\]]/g, "");
      const name = `${stem}-${part}`;
      const declared = codePointsOf(ranges).filter((code) =>
        letters.test(String.fromCodePoint(code)),
      );
      return {
        family: familyOf(stem).family,
        slant: "normal",
        name,
        declared,
        page: join(modules, `@fontsource-variable/${stem}/files/${name}-wght-normal.woff2`),
      };
    });
}

const isNumbered = (subset: string) => /^\[\d+\]$/.test(subset);

/** Every shipped font file in the order in which a letter is looked for, but for the family that it is set in. */
export function fontSources(): readonly FontSource[] {
  return [
    ...textSources("source-sans-3", "normal"),
    ...textSources("stix-two-text", "normal"),
    ...textSources("stix-two-text", "italic"),
    mathSource,
    ...scriptSources("vazirmatn", (subset) => subset === "arabic", /[\u0600-\u08ff]/),
    ...scriptSources("noto-sans-hebrew", (subset) => subset === "hebrew", /[\u0590-\u05ff]/),
    ...scriptSources("noto-sans-sc", isNumbered, /[^\0-\u1fff]/u),
    ...scriptSources("noto-sans-kr", isNumbered, /\p{Script=Hangul}/u),
  ].filter(({ declared }) => declared.length > 0);
}
