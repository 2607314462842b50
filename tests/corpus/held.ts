import { plainMath, readTex } from "@/figure/maths/readTex";
import type { RunText } from "@/core/unit/runText";
import type { Report, ReportNode, ReportTable } from "@/output/report/report";
import { shownNodes } from "@/output/report/report";

/** A text without what programs set otherwise: spaces, joiners, forms of letters, kinds of hyphens and quotes. */
export const bare = (text: string): string =>
  text
    .normalize("NFKC")
    .replace(/[{}⁄]/g, "")
    .replaceAll("ˆ", "^")
    .replaceAll("˜", "~")
    .replaceAll("∆", "Δ")
    .replaceAll("h̄", "ħ")
    .replace(/[\s\p{Cf}\p{Cc}\p{Emoji_Modifier}\ufe0f]/gu, "")
    .replace(/[‐‑–—−]/g, "-")
    .replace(/[‘’‚‛`´ʼ]/g, "'")
    .replace(/[“”„]/g, '"');

const runs = (of: RunText) => of.map(({ text }) => text).join("");

/** The rows of a table, each as its cells. */
function rowsOf({ groups }: ReportTable): readonly (readonly string[])[] {
  return groups.flatMap(({ rows }) =>
    rows.map((cells) =>
      cells.map((cell) => bare(`${runs(cell.runs)}${cell.aside ?? ""}${cell.uncertainty ?? ""}`)),
    ),
  );
}

function wordsOf(node: ReportNode): readonly string[] {
  switch (node.kind) {
    case "title":
      return [node.text, node.authors];
    case "heading":
      return [node.text];
    case "paragraph":
    case "bullet":
    case "number":
      return node.inlines.map((one) => (one.kind === "text" ? one.text : ""));
    case "table":
      return [
        runs(node.caption),
        ...node.table.heads.flat().map((head) => runs(head.runs)),
        ...node.table.groups.map(({ name = "" }) => name),
        ...node.table.notes.map(({ text }) => text),
      ];
    default:
      return [];
  }
}

/** Numbers as they follow each other in a formula. */
const numbersIn = (text: string): readonly string[] => text.match(/\d+(?:[.,]\d+)*/g) ?? [];

/** What every file of a report has to hold. */
export interface Held {
  readonly rows: readonly (readonly string[])[];
  /** Words as they stand, spaces left out. */
  readonly words: readonly string[];
  /** The numbers of each statement and line of working, in their order. */
  readonly statements: readonly (readonly string[])[];
  readonly workings: readonly (readonly string[])[];
}

/** What a report says, as far as any file can be asked for it. */
export function heldBy(report: Report): Held {
  const nodes = shownNodes(report);
  const plain = (tex: string) => numbersIn(bare(plainMath(readTex(tex))));
  return {
    rows: nodes.flatMap((node) => (node.kind === "table" ? rowsOf(node.table) : [])),
    words: [...new Set(nodes.flatMap(wordsOf).flatMap((text) => text.split(/\s+/)))].filter(
      (word) => bare(word) !== "",
    ),
    statements: nodes.flatMap((node) => (node.kind === "statement" ? [plain(node.tex)] : [])),
    workings: nodes.flatMap((node) =>
      node.kind === "working" ? node.lines.map(({ tex }) => plain(tex)) : [],
    ),
  };
}

/** Whether a row stands in a text, whole or in parts that begin with its first cell each. */
function holdsRow(row: readonly string[], text: string): boolean {
  let at = 0;
  while (at < row.length) {
    const before = at === 0 ? "" : (row[0] as string);
    let end = row.length;
    while (end > at && !text.includes(before + row.slice(at, end).join(""))) end--;
    if (end === at) return false;
    at = end;
  }
  return true;
}

function holdsInOrder(numbers: readonly string[], text: string): boolean {
  const escaped = numbers.map((number) => number.replace(/[.]/g, "\\."));
  return new RegExp(escaped.join("[^]{0,60}?")).test(text);
}

/** Which way of a file to a text was taken: some break long words, or set letters in another order. */
export interface Reading {
  readonly text: string;
  /** Words that the file was said to lack. */
  readonly said: readonly string[];
  /** Accents stand apart from their letters, and few signs come out as others that look like them. */
  readonly drawn?: true;
}

const greek = "ΑΒΕΖΗΙΚΜΝΟΡΤΥΧοĐ";
const latin = "ABEZHIKMNOPTYXoÐ";

/** Letters without accents, Greek ones that look like Latin as those. */
const drawnLetters = (word: string) =>
  [...word.normalize("NFD").replace(/[\p{M}°◦✓]/gu, "")]
    .map((letter) => (greek.includes(letter) ? latin[greek.indexOf(letter)] : letter))
    .join("");

const reversed = (word: string) => [...word].reverse().join("");

/** Raised and lowered letters are set apart from the line by some programs; joined Arabic ones and signs from other fonts come out of a PDF in another order. */
const isLoose = (word: string) =>
  word.normalize("NFKC") !== word.normalize("NFC") || /[\p{Script=Arabic}\p{So}]/u.test(word);

/** Whether a word stands in a text in one piece, or in pieces of so many letters where it was broken at an end of a line. */
function holdsWord(word: string, text: string, least: number): boolean {
  if (text.includes(word) || text.includes(reversed(word))) return true;
  const letters = [...word];
  let at = 0;
  while (at < letters.length) {
    let end = letters.length;
    while (end > at && !text.includes(letters.slice(at, end).join(""))) end--;
    if (end - at < Math.min(least, letters.length - at)) return false;
    at = end;
  }
  return true;
}

/** The words that are not in a text that another program read, and were not said to be missing. */
export function lostWords(words: readonly string[], reading: Reading): readonly string[] {
  const asDrawn = (word: string) => (reading.drawn ? drawnLetters(bare(word)) : bare(word));
  const text = asDrawn(reading.text);
  const said = reading.said.map(bare);
  const loose = (word: string) =>
    isLoose(word) || (reading.drawn === true && /\p{M}/u.test(word.normalize("NFD")));
  return words.filter(
    (word) => !said.includes(bare(word)) && !holdsWord(asDrawn(word), text, loose(word) ? 1 : 2),
  );
}

/** What of a report is not in a text that another program read from its file. */
export function lost(held: Held, reading: Reading): readonly string[] {
  const text = bare(reading.text);
  const rows = held.rows.filter((row) => !holdsRow(row, text));
  const statements = held.statements.filter((numbers) => !holdsInOrder(numbers, text));
  const workings = held.workings.flat().filter((number) => !text.includes(number));
  return [
    ...rows.map((row) => `row ${row.join(" | ")}`),
    ...lostWords(held.words, reading).map((word) => `word ${word}`),
    ...statements.map((numbers) => `statement ${numbers.join(" … ")}`),
    ...workings.map((number) => `number ${number} of a working`),
  ];
}
