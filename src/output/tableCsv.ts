import Papa from "papaparse";
import { readNumber } from "@/core/number/readNumber";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { EvaluatedTable } from "@/pipeline/table/table";
import { tableCells } from "./tableCells";

/** A spreadsheet would take such a text for a formula. A number with its sign is none. */
function isFormulaLike(text: string): boolean {
  return /^[=+\-@\t\r]/.test(text) && readNumber(text, "comma").kind !== "number";
}

/** A text that no spreadsheet takes for a formula; `intake` takes the apostrophe off again. */
export function guarded(text: string): string {
  return isFormulaLike(text) || text.startsWith("'") ? `'${text}` : text;
}

/**
 * A table as CSV (RFC 4180, UTF-8 with a byte-order mark, so that spreadsheets read ± and Greek letters): semicolons
 * part the cells where the house writes decimal commas.
 */
export function tableCsv(table: EvaluatedTable, rules: HouseRules): string {
  const { cells } = tableCells(table, rules);
  const delimiter = rules.decimalMark === "comma" ? ";" : ",";
  const text = Papa.unparse(
    cells.map((row) => row.map(guarded)),
    { delimiter, newline: "\r\n" },
  );
  return `\uFEFF${text}\r\n`;
}
