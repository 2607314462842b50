import type { Delimiter } from "@/intake/cells";
import type { Encoding } from "@/intake/decodeText";
import type { Incoming } from "@/intake/incoming";
import type { InvestigationFile } from "@/intake/investigationFile";
import type { Sheet } from "@/intake/workbook";
import { filing } from "./en/filing";
import { worded } from "./language/worded";

const texts = worded("filing", filing);

export const encodingNames: Readonly<Record<Encoding, string>> = texts.encodingNames;

export const delimiterNames: Readonly<Record<Delimiter, string>> = texts.delimiterNames;

/** Why a file can't be opened at all, and what to do. */
export const fileRefusals = texts.fileRefusals;

/** That a file is larger than can be read, both in bytes. */
export const tooLarge = (name: string, size: number, most: number): string =>
  fileRefusals.tooLarge({
    name,
    size: Math.round(size / 1_048_576),
    most: Math.round(most / 1_048_576),
  });

/** What is wrong with cells that can't become a table; undefined when nothing is. */
export function incomingProblem(incoming: Incoming): string | undefined {
  const said = texts.incoming;
  switch (incoming.kind) {
    case "table":
      return undefined;
    case "empty":
      return said.empty;
    case "too-many-rows":
      return said["too-many-rows"]({ rows: incoming.rows, most: incoming.most });
    case "too-many-columns":
      return said["too-many-columns"]({ columns: incoming.columns, most: incoming.most });
    case "too-long":
      return said["too-long"]({ row: incoming.row });
  }
}

/** What bringing a table in will do. */
export function incomingSentence(incoming: Extract<Incoming, { kind: "table" }>): string {
  const { quantities, rows, series } = incoming.table;
  const said = texts.willBe;
  const parts = [said.table({ rows: rows.length, quantities: quantities.length })];
  if (series.length > 0) parts.push(said.series({ count: series.length }));
  if (incoming.thinned) {
    const { how, each } = incoming.thinned;
    parts.push(thinningWords.said[how]({ each }));
  }
  if (incoming.own) parts.push(said.own);
  return parts.join(" ");
}

/** What was noticed in a sheet. */
export function sheetNotes({ merged, formulas, errors, cutOff }: Sheet): readonly string[] {
  const { notes } = texts;
  return [
    ...(merged > 0 ? [notes.merged({ count: merged })] : []),
    ...(formulas > 0 ? [notes.formulas({ count: formulas })] : []),
    ...(errors > 0 ? [notes.errors({ count: errors })] : []),
    ...(cutOff ? [notes.cutOff] : []),
  ];
}

/** What is wrong with the file of an investigation. */
export function investigationFileProblem(
  file: Exclude<InvestigationFile, { kind: "document" }>,
  name: string,
): string {
  const said = texts.investigation;
  return file.kind === "malformed"
    ? said.malformed({ name, reason: file.reason })
    : said[file.kind]({ name });
}

/** A file with more rows than there is room for, made shorter. */
export const thinningWords = texts.thinningWords;

/** What a preview says of a column. */
export const previewWords = texts.previewWords;
