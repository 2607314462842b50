import Papa from "papaparse";
import type { Cells } from "./cellKinds";
import { joinedBlocks } from "./repeatedBlocks";

/** What parts one cell from the next. */
export const delimiters = ["\t", ";", ",", "|", " "] as const;
export type Delimiter = (typeof delimiters)[number];

/** Nothing but visible letters of ASCII: nothing to clean. */
const plainText = /^[!-~]*$/;

function cleaned(cell: string): string {
  if (plainText.test(cell)) return cell;
  return cell
    .replace(/\0/g, "")
    .toWellFormed()
    .replace(/\u00a0/g, " ")
    .trim();
}

/** "0,200" on every line and no other divider: one column with decimal commas, not two columns. */
function isOneCommaColumn(lines: readonly string[]): boolean {
  return lines.length > 0 && lines.every((line) => /^\s*[+\-−]?\d+,\d+\s*$/.test(line));
}

const looked = 200;

/** What parts the cells of a table that was taken out here: it begins with the word for a table. */
function ownDelimiter(text: string): Delimiter | undefined {
  const [, sign] = /^\uFEFF?"?table"?([,;\t])/.exec(text) ?? [];
  const own = sign && new RegExp(`[\\r\\n]"?symbol"?${sign}`).test(text);
  return own ? (sign as Delimiter) : undefined;
}

/** What parts the cells of a text: tabs before semicolons before commas. */
export function delimiterOf(text: string): Delimiter {
  const own = ownDelimiter(text);
  if (own) return own;
  if (text.includes("\t")) return "\t";
  if (text.includes(";")) return ";";
  const lines = text.split(/\r\n|\r|\n/, looked).filter((line) => line.trim() !== "");
  const headed = /\p{L}/u.test(lines[0] ?? "");
  if (headed && lines[0]?.includes(",")) return ",";
  const body = lines.slice(headed ? 1 : 0);
  if (!text.includes(",") && text.includes("|")) return "|";
  return isOneCommaColumn(body) ? "\t" : ",";
}

/** Takes plain text apart into cells: tabs from a spreadsheet, or CSV by comma or semicolon, or as one is told. */
export function cellsFromText(text: string, wanted?: Delimiter): Cells {
  const plain = text.replace(/^\uFEFF/, "");
  if (plain.trim() === "") return [];
  const delimiter = wanted ?? delimiterOf(plain);
  const own = ownDelimiter(plain) === delimiter;
  const parsed = Papa.parse<string[]>(plain, { delimiter, skipEmptyLines: own && "greedy" });
  const rows =
    delimiter === " " ? parsed.data.map((row) => row.filter((cell) => cell !== "")) : parsed.data;
  return own ? rows : withoutEmptyEdges(rows.map((row) => row.map(cleaned)));
}

/** Takes the apostrophe off again with which a text is kept from being a formula. */
export function unguarded(cell: string): string {
  return /^'[=+\-@'\t\r]/.test(cell) ? cell.slice(1) : cell;
}

/** Blocks that repeat themselves are joined; empty rows go, and columns at the right edge that are empty in every row. */
export function withoutEmptyEdges(rows: Cells): Cells {
  const kept = joinedBlocks(rows).filter((row) => row.some((cell) => cell !== ""));
  const width = kept.reduce((widest, row) => {
    const last = row.findLastIndex((cell) => cell !== "");
    return Math.max(widest, last + 1);
  }, 0);
  return kept.map((row) => row.slice(0, width));
}

const commaNumber = /^[+\-−]?\d+,\d+(?:[eE][+-]?\d+)?(?:\s*±\s*\d+(?:,\d+)?)?$/;

/** Whether the numbers of a block are written with decimal commas. */
export function usesDecimalCommas(rows: Cells): boolean {
  let commas = 0;
  for (const row of rows) {
    for (const cell of row) {
      if (/^[+\-−]?\d*\.\d+/.test(cell)) return false;
      if (commaNumber.test(cell)) commas += 1;
    }
  }
  return commas > 0;
}
