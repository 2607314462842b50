import type { Cell, CellValue, Workbook, Worksheet } from "exceljs";
import { decimalFromNumber, decimalToText, roundToPlace } from "@/core/number/decimal";
import { limits } from "@/investigation/model/limits";
import { ownLines } from "@/investigation/exchange/tableLines";
import type { Cells } from "./cellKinds";
import { withoutEmptyEdges } from "./cells";
import { isOwnTable } from "./ownTable";

/** One sheet of a workbook as texts, with what was noticed on the way. */
export interface Sheet {
  readonly name: string;
  /** "A1:D20": where its cells lie. */
  readonly range: string;
  readonly cells: Cells;
  readonly merged: number;
  readonly formulas: number;
  readonly errors: number;
  /** More rows or columns than an investigation holds were left in the file. */
  readonly cutOff: boolean;
}

const mostRows = limits.rows + 40;
const mostColumns = 200;

/** Decimals that a number format asks for: 3 for "0.000". */
function decimalsOf(format: string | undefined): number | undefined {
  const first = (format ?? "").split(";")[0] ?? "";
  const match = /^[#,]*0(?:\.(0+))?$/.exec(first);
  return match ? (match[1]?.length ?? 0) : undefined;
}

/** A number as the sheet shows it, so that 0.200 stays 0.200. */
function numberText(value: number, format: string | undefined): string {
  if (!Number.isFinite(value)) return "";
  const exact = decimalFromNumber(value);
  const decimals = decimalsOf(format);
  const shown = decimals === undefined ? exact : roundToPlace(exact, -decimals);
  const same = decimals === undefined || Number(decimalToText(shown)) === value;
  if (same) return Math.abs(value) >= 1e21 ? String(value) : decimalToText(shown);
  return Math.abs(exact.exponent) > 30 ? String(value) : decimalToText(exact);
}

function plainText(value: CellValue, format: string | undefined): string {
  if (value === null || value === undefined) return "";
  if (typeof value === "number") return numberText(value, format);
  if (typeof value === "string") return value;
  if (typeof value === "boolean") return value ? "true" : "false";
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if ("richText" in value)
    return value.richText
      .map(({ text }) => text)
      .join("")
      .trim();
  if ("text" in value) return String(value.text).trim();
  if ("error" in value) return String(value.error);
  if ("result" in value) return plainText(value.result as CellValue, format);
  return "";
}

function isError(value: CellValue): boolean {
  if (typeof value !== "object" || value === null) return false;
  return "error" in value || ("result" in value && isError(value.result as CellValue));
}

function isFormula(value: CellValue): boolean {
  return (
    typeof value === "object" && value !== null && ("formula" in value || "sharedFormula" in value)
  );
}

function letters(column: number): string {
  const rest = Math.floor((column - 1) / 26);
  return (rest > 0 ? letters(rest) : "") + String.fromCharCode(65 + ((column - 1) % 26));
}

/** A merged stretch says its text once, in its first cell. */
function textOf(cell: Cell): string {
  return cell.isMerged && cell.master !== cell ? "" : plainText(cell.value, cell.numFmt);
}

/** A table that was taken out here says in which decimal mark its readings were typed: numbers come back in that one. */
function ownNumbers(sheet: Worksheet, cells: Cells): Cells {
  if (!cells.some(([label, mark]) => label === ownLines.mark && mark === "comma")) return cells;
  return cells.map((row, r) =>
    row.map((text, c) => {
      const value = sheet.findRow(r + 1)?.findCell(c + 1)?.value;
      return typeof value === "number" ? text.replace(".", ",") : text;
    }),
  );
}

function readSheet(sheet: Worksheet): Sheet {
  const rows = Math.min(sheet.rowCount, mostRows);
  const columns = Math.min(sheet.columnCount, mostColumns);
  const counts = { merged: 0, formulas: 0, errors: 0 };
  const cells = Array.from({ length: rows }, (_, r) =>
    Array.from({ length: columns }, (__, c) => {
      const cell = sheet.findRow(r + 1)?.findCell(c + 1);
      if (!cell) return "";
      if (cell.isMerged && cell.master !== cell) counts.merged += 1;
      if (isFormula(cell.value)) counts.formulas += 1;
      if (isError(cell.value)) counts.errors += 1;
      return textOf(cell);
    }),
  );
  const own = isOwnTable(cells);
  const trimmed = own
    ? ownNumbers(sheet, cells)
    : cells.map((row) => row.map((text) => text.trim()));
  return {
    name: sheet.name,
    cells: trimmed,
    ...counts,
    range: `A1:${letters(Math.max(1, columns))}${Math.max(1, rows)}`,
    cutOff: sheet.rowCount > mostRows || sheet.columnCount > mostColumns,
  };
}

/** Reads the sheets of a workbook that exceljs has loaded. */
export function readWorkbook(workbook: Workbook): readonly Sheet[] {
  return workbook.worksheets.map(readSheet);
}

function columnNumber(text: string): number {
  return [...text.toUpperCase()].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0);
}

/** The cells of a stretch such as "B3:D20"; undefined when the text names none. */
export function cellsInRange(cells: Cells, range: string): Cells | undefined {
  const match = /^\s*\$?([A-Za-z]{1,3})\$?(\d{1,7})\s*:\s*\$?([A-Za-z]{1,3})\$?(\d{1,7})\s*$/.exec(
    range,
  );
  if (!match) return undefined;
  const [left, right] = [columnNumber(match[1] as string), columnNumber(match[3] as string)];
  const [top, bottom] = [Number(match[2]), Number(match[4])];
  const part = cells
    .slice(Math.min(top, bottom) - 1, Math.max(top, bottom))
    .map((row) => row.slice(Math.min(left, right) - 1, Math.max(left, right)));
  return withoutEmptyEdges(part);
}
