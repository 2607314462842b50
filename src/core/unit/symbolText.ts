import { greekLetters } from "../text/greekLetters";
import { fromRaised, type Run, type RunText } from "./runText";

const byName: Readonly<Record<string, string>> = greekLetters;

/** Whether a symbol is a short formula itself, such as T^2 or 1/T: a Δ before it needs brackets. */
export function isCompound(symbol: string): boolean {
  return /[\^/()*+\s²³]/.test(symbol.trim());
}

/** Greek letters typed by name, with the gap after a Δ closed: "Delta h" → "Δh". */
export function withGreekLetters(text: string): string {
  return text
    .trim()
    .replace(/[A-Za-z]+/g, (word) => byName[word] ?? word)
    .replace(/([ΔΣδ])\s+/g, "$1");
}

const partPattern =
  /_\{?([\p{L}\p{N},]+)\}?|\^\{?([+\-−]?[\p{N}./]+)\}?|([⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)|(?<=(?:^|[^\p{L}\p{N}_])[ΔδΣ]?\p{L})(\p{N}{1,2})(?![\p{L}\p{N}.])/gu;

/** A symbol that is itself a short formula: "ln T", "1/u", "s/t". */
const compound = /^(ln|lg|1\/|√)|[/()]/;
const words = /(ln|lg|sin|cos|tan|exp|asin|acos|atan)(?!\p{L})|(\p{L}+)|([^\p{L}]+)/gu;

/** Letters italic, functions, numbers and signs upright. */
function italicLetters(text: string): Run[] {
  return [...text.matchAll(words)].map(([part, , letters]) =>
    letters ? { text: part, italic: true } : { text: part },
  );
}

/**
 * A symbol as it is printed: letters italic, what follows `_` lowered and upright, powers raised and upright.
 * `t_10`, `λ`, `Delta h`, `T^2`, `T²` are understood, and `c2` as c₂.
 */
export function writeSymbol(typed: string): RunText {
  const text = withGreekLetters(typed);
  const runs: Run[] = [];
  const plain = (part: string): Run[] =>
    compound.test(text) ? italicLetters(part) : [{ text: part, italic: true }];
  let end = 0;
  for (const match of text.matchAll(partPattern)) {
    if (match.index > end) runs.push(...plain(text.slice(end, match.index)));
    const [, under, power, raised, number] = match;
    const lowered = under ?? number;
    if (lowered) runs.push({ text: lowered, script: "sub" });
    else
      runs.push({ text: (power ?? fromRaised(raised ?? "")).replace("-", "−"), script: "super" });
    end = match.index + match[0].length;
  }
  if (end < text.length) runs.push(...plain(text.slice(end)));
  return runs;
}
