import { reasonText } from "@/wording/settingAside";
import { cleanTexts } from "@/core/text/cleanText";
import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { isRemarks } from "@/pipeline/readings/evaluated";
import { measured } from "@/pipeline/readings/measured";
import {
  asideText,
  noFormulaYet,
  ownColumns,
  ownLines,
  seriesTexts,
  wholeRowWords,
  workedOutUnit,
} from "@/investigation/exchange/tableLines";
import { uncertaintyText } from "@/investigation/exchange/uncertaintyText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Quantity } from "@/investigation/model/quantity";
import { cellKey, cellPlace, wholeRow } from "@/investigation/model/row";
import type { EvaluatedQuantity, EvaluatedRow, EvaluatedTable } from "@/pipeline/table/table";

interface Column {
  readonly evaluated: EvaluatedQuantity;
  readonly repeat: number;
}

/** Every column of the table, hidden ones too. */
function columnsOf(table: EvaluatedTable): Column[] {
  return table.quantities.flatMap((evaluated) => {
    const last = table.rows.reduce(
      (most, { lastRepeat }) => Math.max(most, lastRepeat?.[evaluated.id] ?? 1),
      evaluated.quantity.repeats,
    );
    return Array.from({ length: last }, (_, index) => ({ evaluated, repeat: index + 1 }));
  });
}

/** "L / m" or "L (m)" in plain characters. */
function plainHeading({ symbol, unit }: Quantity, { headings }: HouseRules): string {
  const written = plainRunText(writeSymbol(symbol));
  const upright = plainRunText(writeUnitText(unit));
  if (upright === "") return written;
  return headings === "slash" ? `${written} / ${upright}` : `${written} (${upright})`;
}

function asideOf({ row }: EvaluatedRow, symbolOf: (id: string) => string): string {
  const entries = Object.entries(row.setAside ?? {}).map(([cell, because]) => {
    const reason = reasonText(because);
    const { quantity, repeat } = cellPlace(cell);
    return { place: cell === wholeRow ? wholeRowWords : `${symbolOf(quantity)} ${repeat}`, reason };
  });
  return asideText(entries);
}

/** The value of a derived quantity in full, in the house's decimal mark, so that a spreadsheet can go on with it. */
function workedOut(row: EvaluatedRow, evaluated: EvaluatedQuantity, rules: HouseRules): string {
  const found = measured(row, evaluated);
  if (!found) return "";
  const text = String(Number(found.value.toPrecision(12)));
  return rules.decimalMark === "comma" ? text.replace(".", ",") : text;
}

/** A table as it is taken out: lines that say units, ± and the rest, then the readings as typed. */
export interface TableCells {
  readonly cells: readonly (readonly string[])[];
  /** Index of the first line of readings, and of the first column that holds any. */
  readonly firstRow: number;
  readonly firstColumn: number;
  readonly readingColumns: number;
}

/** The cells of a table for a spreadsheet or a CSV file, in such a way that it can be brought in again as it was. */
export function tableCells(table: EvaluatedTable, rules: HouseRules): TableCells {
  const columns = columnsOf(table);
  const symbols = new Map(table.quantities.map(({ id, quantity }) => [id, quantity.symbol]));
  const symbolOf = (id: string) => symbols.get(id) ?? "";
  const line = (label: string, say: (quantity: Quantity, column: Column) => string) => [
    label,
    ...columns.map((column) => say(column.evaluated.quantity, column)),
  ];
  const aside = table.rows.some(({ row }) => row.setAside !== undefined);
  const written = seriesTexts(table.series.map(({ series }) => series.name));
  const names = new Map(table.series.map(({ id }, at) => [id, written[at] ?? ""]));
  const behind = [
    ...(names.size > 0 ? [ownColumns.series] : []),
    ...(aside ? [ownColumns.aside] : []),
  ];
  const head = [
    [ownLines.table, table.name],
    [ownLines.mark, rules.decimalMark],
    line(ownLines.name, ({ name }) => name),
    line(ownLines.symbol, ({ symbol }) => symbol),
    line(ownLines.unit, ({ unit }, { evaluated: { derived } }) =>
      derived && derived.wished === "" && unit !== "" ? `${workedOutUnit}${unit}` : unit,
    ),
    line(ownLines.uncertainty, ({ uncertainty }) => uncertaintyText(uncertainty, symbolOf)),
    line(ownLines.repeats, ({ repeats }) => String(repeats)),
    line(ownLines.spread, ({ spread }) => spread),
    line(ownLines.combination, ({ combination }) => combination),
    line(ownLines.instrument, ({ instrument }) => instrument),
    line(ownLines.resolution, ({ resolution }) => resolution),
    ...(table.quantities.some(({ quantity }) => quantity.formula !== undefined)
      ? [line(ownLines.formula, ({ formula }) => (formula === "" ? noFormulaYet : (formula ?? "")))]
      : []),
    ...(table.quantities.some(({ quantity }) => quantity.hidden)
      ? [line(ownLines.hidden, ({ hidden }) => (hidden ? "yes" : "no"))]
      : []),
    ...(columns.some(({ evaluated }) => isRemarks(evaluated))
      ? [line(ownLines.remarks, ({ remarks }) => remarks ?? "")]
      : []),
    line(ownLines.repeat, (_, { repeat }) => String(repeat)),
    [...line(ownLines.rows, (quantity) => plainHeading(quantity, rules)), ...behind],
  ];
  const body = table.rows.map((row, index) => [
    String(index + 1),
    ...columns.map(({ evaluated, repeat }) =>
      evaluated.derived
        ? workedOut(row, evaluated, rules)
        : (row.row.readings[cellKey(evaluated.id, repeat)] ?? ""),
    ),
    ...(names.size > 0 ? [names.get(row.row.series ?? "") ?? ""] : []),
    ...(aside ? [asideOf(row, symbolOf)] : []),
  ]);
  return {
    cells: cleanTexts([...head, ...body]),
    firstRow: head.length,
    firstColumn: 1,
    readingColumns: columns.length,
  };
}
