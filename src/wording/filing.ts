import { ordinal } from "./plural";
import type { Delimiter } from "@/intake/cells";
import type { Encoding } from "@/intake/decodeText";
import type { Incoming } from "@/intake/incoming";
import type { InvestigationFile } from "@/intake/investigationFile";
import type { Sheet } from "@/intake/workbook";
import { counted } from "./pasting";

export const encodingNames: Readonly<Record<Encoding, string>> = {
  "utf-8": "UTF-8",
  "utf-16le": "UTF-16, little end first",
  "utf-16be": "UTF-16, big end first",
  "windows-1252": "Western (Windows-1252)",
};

export const delimiterNames: Readonly<Record<Delimiter, string>> = {
  "\t": "tabs",
  ";": "semicolons",
  ",": "commas",
  "|": "upright strokes",
  " ": "spaces",
};

/** Why a file can't be opened at all, and what to do. */
export const fileRefusals = {
  tooLarge: (name: string, size: number, most: number) =>
    `${name} has ${Math.round(size / 1_048_576)} MB; up to ${most / 1_048_576} MB can be read here. Save the part that you need as a file of its own.`,
  empty: (name: string) => `${name} is empty. Choose another file.`,
  binary: (name: string) =>
    `${name} is no text, whatever its name says. Save the table as CSV or XLSX in the program that made it.`,
  unreadable: (name: string) =>
    `${name} can’t be read as a workbook. It may be damaged, locked by a password, or of the old .xls kind: save it again as .xlsx or CSV.`,
  unfetched: (name: string) =>
    `What reads workbooks could not be fetched, so ${name} was not opened. Connect and choose it again, or paste its cells.`,
  swollen: (name: string) =>
    `${name} unpacks to far more than a table of readings holds, so it was not opened. Save the sheet that you need as a workbook of its own, or as CSV.`,
  investigation: (name: string) =>
    `${name} holds a whole investigation. Bring it in on the shelf, where it becomes one of its own.`,
  noSheet: (name: string) => `${name} has no sheet with cells in it.`,
  noRange: "Write the stretch like B3:D20: its first cell, a colon, its last cell.",
};

/** What is wrong with cells that can't become a table; undefined when nothing is. */
export function incomingProblem(incoming: Incoming): string | undefined {
  switch (incoming.kind) {
    case "table":
      return undefined;
    case "empty":
      return "There are no readings in it. Choose other lines of headings, or another stretch.";
    case "too-many-rows":
      return `There are ${counted(incoming.rows, "row")}; there is room for ${counted(incoming.most, "row")} more. Take a shorter stretch, or fewer rows:`;
    case "too-many-columns":
      return `There are ${counted(incoming.columns, "column")}; an investigation holds up to ${incoming.most}. Take a narrower stretch.`;
    case "too-long":
      return `Row ${incoming.row} holds a text that is too long for a reading. Choose what parts the cells, or shorten it in the file.`;
  }
}

/** What bringing a table in will do. */
export function incomingSentence(incoming: Extract<Incoming, { kind: "table" }>): string {
  const { quantities, rows, series } = incoming.table;
  const parts = [
    `${counted(rows.length, "row")} of ${quantities.length} ${quantities.length === 1 ? "quantity" : "quantities"}.`,
  ];
  if (series.length > 0)
    parts.push(`${counted(series.length, "series").replace(/seriess$/, "series")}.`);
  if (incoming.thinned) {
    const { how, each } = incoming.thinned;
    parts.push(thinningWords.said[how](each));
  }
  if (incoming.own) parts.push("It was taken out here: units, ± and the rest come back with it.");
  return parts.join(" ");
}

/** What was noticed in a sheet. */
export function sheetNotes({ merged, formulas, errors, cutOff }: Sheet): readonly string[] {
  return [
    merged > 0 &&
      `${counted(merged, "merged cell")} stayed empty; the text stands in the first cell of each stretch.`,
    formulas > 0 &&
      `${counted(formulas, "formula").replace("formulas", "formulas")} came as the numbers that they gave last.`,
    errors > 0 &&
      `${counted(errors, "cell")} hold an error of the sheet and come as that text; mend them in the sheet, or type the reading here.`,
    cutOff && "The sheet is larger than an investigation; what lies beyond was left in the file.",
  ].filter((note) => note !== false);
}

/** What is wrong with the file of an investigation. */
export function investigationFileProblem(
  file: Exclude<InvestigationFile, { kind: "document" }>,
  name: string,
): string {
  switch (file.kind) {
    case "no-json":
      return `${name} is no investigation. Choose a .json file that was taken out here; tables are brought in on Measure.`;
    case "other-json":
      return `${name} holds something else than an investigation. Choose a .json file that was taken out here.`;
    case "too-new":
      return `${name} was made by a newer version. Bring this one up to date first.`;
    case "malformed":
      return `${name} can’t be read: ${file.reason}. Take it out once more where it came from.`;
  }
}

/** A file with more rows than there is room for, made shorter. */
export const thinningWords = {
  every: (each: number) => `Only every ${ordinal(each)} row`,
  means: (each: number) => `Means over ${each} rows, their scatter as ±`,
  said: {
    every: (each: number) => `Every ${ordinal(each)} row of the file.`,
    means: (each: number) =>
      `Each row is the mean over ${each} rows of the file, with their scatter as ±.`,
  },
} as const;

/** What a preview says of a column. */
export const previewWords = {
  name: "name",
  symbol: "symbol",
  unit: "unit",
  sizeOf: (symbol: string) => `the ± of ${symbol}`,
  repeats: (count: number) => `${count} repeats`,
  noSeries: "no series",
} as const;
