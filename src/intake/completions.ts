import { symbolName } from "@/core/expression/spelling";
import { columnNames, functionNames, neighbourNames } from "@/core/expression/tree";

/** Something that a word in a formula can be completed to. */
export interface Completion {
  /** What is written. */
  readonly text: string;
  /** What it stands for, in words. */
  readonly meaning: string;
  readonly kind: "symbol" | "function";
}

export interface KnownSymbol {
  readonly symbol: string;
  readonly name: string;
}

/** The word that stands in front of the caret: where it begins, and what of it is there. */
export interface WordAtCaret {
  readonly from: number;
  readonly word: string;
}

export function wordAt(text: string, caret: number): WordAtCaret | undefined {
  const match = /[\p{L}][\p{L}\p{N}_]*$/u.exec(text.slice(0, caret));
  return match ? { from: match.index, word: match[0] } : undefined;
}

const meanings: Readonly<Record<string, string>> = {
  sqrt: "square root", ln: "natural logarithm", log: "logarithm to base ten", exp: "e to the power of",
  sin: "sine", cos: "cosine", tan: "tangent", asin: "angle of a sine", acos: "angle of a cosine",
  atan: "angle of a tangent", abs: "without its sign", change: "next row minus this one",
  middle: "half-way to the next row", mean: "mean of the column", sum: "sum of the column",
  min: "least of the column", max: "greatest of the column", first: "first of the column",
  last: "last of the column", count: "how many there are",
}; // prettier-ignore

/** Every function that a formula may hold, by what it works on, each with what it stands for. */
export const functionGroups = [
  { on: "row", names: functionNames },
  { on: "neighbours", names: neighbourNames },
  { on: "column", names: columnNames },
] as const;

export const functionMeaning = (name: string): string => meanings[name] ?? "";

const functions: readonly Completion[] = [...functionNames, ...neighbourNames, ...columnNames].map(
  (name) => ({ text: `${name}(`, meaning: meanings[name] ?? "", kind: "function" }),
);

const most = 7;

/** What the word in front of the caret may become: symbols first, then functions; nothing for a word that is whole. */
export function completionsOf(
  { word }: WordAtCaret,
  symbols: readonly KnownSymbol[],
): readonly Completion[] {
  const wanted = word.toLowerCase();
  const begins = (text: string) => text.toLowerCase().startsWith(wanted);
  const own = symbols
    .filter(({ symbol, name }) => begins(symbol) || begins(symbolName(symbol)) || begins(name))
    .map(({ symbol, name }): Completion => ({ text: symbol, meaning: name, kind: "symbol" }));
  const found = [...own, ...functions.filter(({ text }) => begins(text))];
  return found.some(({ text }) => text === word) ? [] : found.slice(0, most);
}

/** The formula with the word completed, and where the caret stands then. */
export function completed(
  text: string,
  { from, word }: WordAtCaret,
  { text: by }: Completion,
): { readonly text: string; readonly caret: number } {
  return {
    text: `${text.slice(0, from)}${by}${text.slice(from + word.length)}`,
    caret: from + by.length,
  };
}
