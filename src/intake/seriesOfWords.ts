import type { IncomingTable } from "@/investigation/acts/bringInTable";
import type { DecimalMark } from "@/core/number/readNumber";
import { holdsWords } from "@/core/text/holdsWords";
import { recurring } from "@/core/text/recurring";
import { readNumber } from "@/core/number/readNumber";
import { limits } from "@/investigation/model/limits";

/** A column of a file whose words come again: its index among the quantities, and the words as they first come. */
export interface WordColumn {
  readonly quantityIndex: number;
  readonly words: readonly string[];
}

/** The first column that holds words that come again and no number. */
export function wordColumn(
  { quantities, rows }: IncomingTable,
  mark: DecimalMark,
): WordColumn | undefined {
  for (let quantityIndex = 0; quantityIndex < quantities.length; quantityIndex++) {
    const { id, quantity } = quantities[quantityIndex] as IncomingTable["quantities"][number];
    if (quantity.repeats > 1) continue;
    const texts = rows.map(({ row }) => row.readings[id] ?? "");
    const words = recurring(texts, limits.series);
    if (!words || words.some((word) => readNumber(word, mark).kind === "number")) continue;
    return { quantityIndex, words };
  }
  return undefined;
}

/** The table with its rows in series by the words of a column, those of a word together; the column is gone. */
export function withSeriesOf(
  table: IncomingTable,
  { quantityIndex, words }: WordColumn,
  newId: () => string,
): IncomingTable {
  const id = table.quantities[quantityIndex]?.id as string;
  const series = words.map((word) => ({ id: newId(), series: { name: word } }));
  const placed = table.rows.map((one) => {
    const { [id]: word = "", ...readings } = one.row.readings;
    const at = words.indexOf(word.trim());
    const own = series[at]?.id;
    return {
      at: at < 0 ? words.length : at,
      row: { id: one.id, row: { ...one.row, readings, ...(own !== undefined && { series: own }) } },
    };
  });
  return {
    ...table,
    quantities: table.quantities.filter((_, at) => at !== quantityIndex),
    series: [...table.series, ...series],
    rows: [...placed].sort((a, b) => a.at - b.at).map(({ row }) => row),
  };
}

/** The table with its columns that hold words and no number taken as remarks. */
export function withRemarks(table: IncomingTable, mark: DecimalMark): IncomingTable {
  const hasWordsOnly = (id: string) => {
    const texts = table.rows.map(({ row }) => row.readings[id] ?? "");
    return holdsWords(texts) && texts.every((text) => readNumber(text, mark).kind !== "number");
  };
  const quantities = table.quantities.map(({ id, quantity }) =>
    quantity.repeats === 1 && hasWordsOnly(id)
      ? { id, quantity: { ...quantity, remarks: "kept" as const } }
      : { id, quantity },
  );
  return { ...table, quantities };
}
