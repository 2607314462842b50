/**
 * Reads from the shipped fonts what layout and exports need to know of them, to be kept in the repository: the advance
 * widths of letters, which file holds which letters, and the style sheet that gives the page the same files.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { shapingFontkit } from "../../src/output/pdf/shapingFontkit";
import { arabicForms } from "./arabicForms";
import { type FontSource, fontSources, root, type Weight } from "./sources";

const figures = join(root, "src/figure/fonts");

interface Held {
  readonly source: FontSource;
  readonly codes: readonly number[];
}

const opened = new Map<string, ReturnType<typeof shapingFontkit.create>>();

function fontOf(name: string, weight: Weight) {
  const file = join(root, `public/fonts/${name}-${weight}.woff`);
  const font = opened.get(file) ?? shapingFontkit.create(readFileSync(file));
  opened.set(file, font);
  return font;
}

const isControl = (code: number) => code < 0x20 || (code >= 0x7f && code < 0xa0);

/** What each file is taken for: letters that it is declared for and has, and no earlier file of its family has. */
function heldByFile(): Held[] {
  const taken = new Set<string>();
  return fontSources().map((source) => {
    const has = new Set(fontOf(source.name, 400).characterSet);
    const codes = source.declared.filter((code) => {
      const key = `${source.family}/${source.slant}/${code}`;
      if (isControl(code) || !has.has(code) || taken.has(key)) return false;
      taken.add(key);
      return true;
    });
    return { source, codes: codes.sort((a, b) => a - b) };
  });
}

/** Code points as ranges: "20-7e 2212". */
function asRanges(codes: readonly number[]): string {
  const ranges: [number, number][] = [];
  for (const code of codes) {
    const last = ranges.at(-1);
    if (last && code === last[1] + 1) last[1] = code;
    else ranges.push([code, code]);
  }
  const hex = (code: number) => code.toString(16);
  return ranges
    .map(([from, to]) => (from === to ? hex(from) : `${hex(from)}-${hex(to)}`))
    .join(" ");
}

interface Advances {
  readonly hmtx: {
    readonly metrics: { readonly length: number; get: (id: number) => { advance: number } };
  };
}

/** The advance of a letter by the font's table of them; fontkit's own way reads the outline, which spaces lack. */
function advanceOf(font: ReturnType<typeof fontOf>, code: number): number {
  const { metrics } = (font as unknown as Advances).hmtx;
  const { id } = font.glyphForCodePoint(code);
  const { advance } = metrics.get(Math.min(id, metrics.length - 1));
  return Math.round((advance * 1000) / font.unitsPerEm);
}

/** Widths in thousandths of the size, in stretches of code points that follow one another: "20" → [200, 289]. */
function widthsOf(files: readonly Held[], weight: Weight): Record<string, number[]> {
  const widths: Record<string, number[]> = {};
  for (const { source, codes } of files) {
    const font = fontOf(source.name, weight);
    let stretch: number[] = [];
    codes.forEach((code, place) => {
      if (place === 0 || codes[place - 1] !== code - 1) {
        stretch = [];
        widths[code.toString(16)] = stretch;
      }
      stretch.push(advanceOf(font, code));
    });
  }
  return widths;
}

/** Letters of a font whose width is not the usual one. */
function unusual(files: readonly Held[], usual: number): Record<string, number[]> {
  const odd = files.map(({ source, codes }) => {
    const font = fontOf(source.name, 400);
    return { source, codes: codes.filter((code) => advanceOf(font, code) !== usual) };
  });
  return widthsOf(odd, 400);
}

function write(path: string, content: unknown): void {
  writeFileSync(path, `${JSON.stringify(content)}\n`);
}

const held = heldByFile();
const of = (family: string, slant = "normal") =>
  held.filter(({ source }) => source.family === family && source.slant === slant);
const faces: [string, string, string, Weight][] = [
  ["sans", "Source Sans 3", "normal", 400],
  ["sansBold", "Source Sans 3", "normal", 600],
  ["serif", "STIX Two Text", "normal", 400],
  ["serifBold", "STIX Two Text", "normal", 600],
  ["serifItalic", "STIX Two Text", "italic", 400],
  ["serifBoldItalic", "STIX Two Text", "italic", 600],
];
for (const [name, family, slant, weight] of faces) {
  write(join(figures, `widths/${name}.json`), widthsOf(of(family, slant), weight));
}
write(join(figures, "widths/math.json"), widthsOf(of("STIX Two Math"), 400));
write(join(figures, "widths/hebrew.json"), widthsOf(of("Noto Sans Hebrew"), 400));
write(join(figures, "widths/chinese.json"), unusual(of("Noto Sans SC"), 1000));
write(join(figures, "widths/korean.json"), unusual(of("Noto Sans KR"), 920));
const [arabic] = of("Vazirmatn");
if (arabic) {
  const forms = arabicForms(fontOf(arabic.source.name, 400), arabic.codes);
  write(join(figures, "widths/arabic.json"), forms);
}
write(
  join(root, "src/output/fonts/holdings.json"),
  Object.fromEntries(held.map(({ source, codes }) => [source.name, asRanges(codes)])),
);
