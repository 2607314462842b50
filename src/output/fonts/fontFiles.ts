import type { ChainedFont } from "@/figure/fonts/stretches";
import type { Face } from "@/figure/scene";
import holdings from "./holdings.json";

/** Letters that one font file is taken for. */
interface Range {
  readonly from: number;
  readonly to: number;
  readonly file: string;
}

/** The beginnings of the names of a font's files, and what they end in. */
const stems: Readonly<Record<Exclude<ChainedFont, "own">, string>> = {
  math: "stix-two-math",
  sans: "source-sans-3",
  arabic: "vazirmatn",
  hebrew: "noto-sans-hebrew",
  chinese: "noto-sans-sc",
  korean: "noto-sans-kr",
};

function ownFiles(face: Face): { stem: string; slant: string } {
  if (face.startsWith("sans")) return { stem: "source-sans-3", slant: "-normal" };
  return { stem: "stix-two-text", slant: face.endsWith("Italic") ? "-italic" : "-normal" };
}

const found = new Map<string, readonly Range[]>();

/** What the files of a font hold, in order. */
function rangesOf(stem: string, slant: string): readonly Range[] {
  const key = stem + slant;
  const known = found.get(key);
  if (known) return known;
  const ranges = Object.entries(holdings)
    .filter(([file]) => file.startsWith(stem) && file.endsWith(slant))
    .flatMap(([file, held]) =>
      held.split(" ").map((range): Range => {
        const [from = 0, to = from] = range.split("-").map((hex) => parseInt(hex, 16));
        return { from, to, file };
      }),
    )
    .sort((a, b) => a.from - b.from);
  found.set(key, ranges);
  return ranges;
}

/** The font file, without weight and ending, that holds a letter of a stretch; undefined where none does. */
export function fontFileOf(font: ChainedFont, face: Face, code: number): string | undefined {
  const { stem, slant } = font === "own" ? ownFiles(face) : { stem: stems[font], slant: "" };
  const ranges = rangesOf(stem, slant);
  let [low, high] = [0, ranges.length - 1];
  while (low <= high) {
    const middle = (low + high) >> 1;
    const range = ranges[middle] as Range;
    if (code < range.from) high = middle - 1;
    else if (code > range.to) low = middle + 1;
    else return range.file;
  }
  return undefined;
}

/** The weight in which a face is set. */
export const weightOf = (face: Face): 400 | 600 => (face.includes("Bold") ? 600 : 400);

/** The letters that a file is taken for: "20-7e 2212". */
export function heldRanges(file: string): string {
  return (holdings as Readonly<Record<string, string>>)[file] ?? "";
}
