import type { Workbook, Worksheet } from "exceljs";
import { reportTexts } from "@/wording/reportTexts";
import { readNumber } from "@/core/number/readNumber";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { EvaluatedTable } from "@/pipeline/table/table";
import { type TableCells, tableCells } from "./tableCells";

const longestName = 31;

/** A sheet's name: no longer than spreadsheets allow, without what they forbid, and not twice. */
function sheetName(name: string, index: number, taken: Set<string>): string {
  const plain = name
    .replace(/[*?:\\/[\]]/g, " ")
    .trim()
    .slice(0, longestName - 4);
  const wanted =
    plain.replace(/^['\s]+|['\s]+$/g, "") || reportTexts.tableNumber({ number: index + 1 });
  let free = wanted;
  for (let n = 2; taken.has(free.toLowerCase()); n++) free = `${wanted} ${n}`;
  taken.add(free.toLowerCase());
  return free;
}

/** A reading that is a plain number goes out as a number that shows the decimals to which it was read. */
function asNumber(text: string, { decimalMark }: HouseRules) {
  const read = readNumber(text, decimalMark);
  const plain = decimalMark === "comma" ? /^-?\d+(?:,\d+)?$/ : /^-?\d+(?:\.\d+)?$/;
  const unlike = /^-?0\d|^-0+(?:[.,]0*)?$/;
  if (read.kind !== "number" || !plain.test(text) || unlike.test(text)) return undefined;
  const { value, decimals, significantFigures } = read.number;
  if (significantFigures > 15) return undefined;
  return { value, format: decimals > 0 ? `0.${"0".repeat(decimals)}` : "0" };
}

function fill(sheet: Worksheet, table: TableCells, rules: HouseRules): void {
  const { cells, firstRow, firstColumn, readingColumns } = table;
  cells.forEach((texts, rowIndex) => {
    texts.forEach((text, columnIndex) => {
      if (text === "") return;
      const cell = sheet.getCell(rowIndex + 1, columnIndex + 1);
      const reading =
        rowIndex >= firstRow &&
        columnIndex >= firstColumn &&
        columnIndex < firstColumn + readingColumns;
      const number = reading ? asNumber(text, rules) : undefined;
      cell.value = number ? number.value : text;
      cell.numFmt = number ? number.format : "@";
    });
  });
  sheet.getRow(firstRow).font = { bold: true };
  sheet.getColumn(1).width = 18;
  sheet.views = [{ state: "frozen", xSplit: 1, ySplit: firstRow }];
}

/** All tables of an investigation as a workbook, a sheet each. `workbook` is an empty one of exceljs. */
export async function tablesXlsx(
  workbook: Workbook,
  tables: readonly EvaluatedTable[],
  rules: HouseRules,
): Promise<ArrayBuffer> {
  const taken = new Set<string>();
  tables.forEach((table, index) => {
    const sheet = workbook.addWorksheet(sheetName(table.name, index, taken));
    fill(sheet, tableCells(table, rules), rules);
  });
  return (await workbook.xlsx.writeBuffer()) as unknown as ArrayBuffer;
}
