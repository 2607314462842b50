import type { TooMuch } from "./tooMuch";
import type { DecimalMark } from "@/core/number/readNumber";
import type { IncomingTable } from "@/investigation/acts/bringInTable";
import type { Investigation } from "@/investigation/model/investigation";
import { limits } from "@/investigation/model/limits";
import { plainQuantity, type Quantity } from "@/investigation/model/quantity";
import { cellKey } from "@/investigation/model/row";
import type { Cells } from "./cellKinds";
import { usesDecimalCommas } from "./cells";
import { inHouseMark } from "./decimalMarks";
import { freeSymbol, proposedSymbol } from "./freeSymbol";
import { type Heading, readHeading } from "./heading";
import { headingLines } from "./headingLines";
import { type RepeatedColumns, repeatedColumns, withoutRepeatNumbers } from "./numberedHeadings";
import { isOwnTable, ownTable } from "./ownTable";
import { type WordColumn, wordColumn, withRemarks, withSeriesOf } from "./seriesOfWords";
import { rowsForOne, type Thinning, thinnedRows } from "./thinnedRows";
import { uncertaintyNames, uncertaintyOwners } from "./uncertaintyColumns";

/** How a file's cells are to be understood; each can be changed in the preview. */
export interface Reading {
  /** Lines of headings above the readings: 0, 1, or 2 where the second holds units. */
  readonly headingLines: 0 | 1 | 2;
  readonly decimalMark: DecimalMark;
  /** Whether columns with numbered headings, or under one heading, are repeats or columns of their own. */
  readonly numbered: "repeats" | "apart";
  /** Whether the words of a column that come again make series, or stay a column. */
  readonly words: "series" | "column";
  /** How a file with more rows than there is room for is made shorter; only where that is wished. */
  readonly thinning?: Thinning;
}

/** What cells look like, before anybody changed it. */
export function proposedReading(given: Cells): Reading {
  const cells = withoutRepeatNumbers(given);
  const lines = headingLines(cells);
  const commas = usesDecimalCommas(cells.slice(lines));
  return {
    headingLines: lines,
    decimalMark: commas ? "comma" : "point",
    numbered: "repeats",
    words: "series",
  };
}

/** The columns of a file that look like repeats by their headings. */
export function repeatedIn(given: Cells, reading: Reading): readonly RepeatedColumns[] {
  if (reading.headingLines === 0 || isOwnTable(given)) return [];
  const cells = withoutRepeatNumbers(given);
  return repeatedColumns(headingsOf(cells, reading, widthOf(cells)));
}

const widthOf = (cells: Cells) => cells.reduce((widest, row) => Math.max(widest, row.length), 0);

export type Incoming =
  | {
      readonly kind: "table";
      readonly table: IncomingTable;
      readonly own: boolean;
      /** How rows of the file were made fewer, and how many stand for one. */
      readonly thinned?: { readonly how: Thinning; readonly each: number };
      /** A column whose words come again. */
      readonly words?: WordColumn;
    }
  | { readonly kind: "empty" }
  | TooMuch;

/** One incoming column: its heading and which repeat of its quantity it is. */
interface Column {
  readonly heading: Heading;
  readonly quantity: number;
  readonly repeat: number;
}

function headingsOf(cells: Cells, { headingLines: lines }: Reading, width: number): Heading[] {
  const blank: Heading = { name: "", symbol: "", unit: "" };
  const words = Array.from({ length: width }, (_, i) =>
    lines === 0 ? blank : readHeading(cells[0]?.[i] ?? ""),
  );
  if (lines < 2) return words;
  return words.map((heading, i) => ({
    ...heading,
    unit: heading.unit || (cells[1]?.[i] ?? "").replace(/^[([]|[)\]]$/g, ""),
  }));
}

function alike(a: Heading | undefined, b: Heading): boolean {
  const said = b.name + b.symbol !== "";
  return said && a?.name === b.name && a.symbol === b.symbol && a.unit === b.unit;
}

/** Columns side by side under the same heading are repeats of one quantity. */
function columnsOf(headings: readonly Heading[]): Column[] {
  const columns: Column[] = [];
  for (const heading of headings) {
    const last = columns.at(-1);
    columns.push(
      last && alike(last.heading, heading) && last.repeat < limits.repeats
        ? { heading, quantity: last.quantity, repeat: last.repeat + 1 }
        : { heading, quantity: (last?.quantity ?? -1) + 1, repeat: 1 },
    );
  }
  return columns;
}

function describedAnew(symbol: string): Omit<Quantity, "order" | "table"> {
  const plain = plainQuantity("", "", symbol);
  const { name, unit, repeats, uncertainty, spread, combination, instrument, resolution } = plain;
  return { symbol, name, unit, repeats, uncertainty, spread, combination, instrument, resolution };
}

/** What the first columns are called that nobody named. */
const plainSymbols = ["x", "y"];

/** Symbols that are given; those of the only table count only once it holds something, as it is replaced till then. */
export function takenSymbols({ quantities, constants, tables, rows }: Investigation): Set<string> {
  const replaced =
    Object.keys(tables).length === 1 &&
    Object.values(rows).every(({ readings }) => Object.keys(readings).length === 0);
  const all = [...(replaced ? [] : Object.values(quantities)), ...Object.values(constants)];
  return new Set(all.map(({ symbol }) => symbol));
}

function quantitiesOf(columns: readonly Column[], document: Investigation, newId: () => string) {
  const firsts = columns.filter(({ repeat }) => repeat === 1);
  const taken = takenSymbols(document);
  const ids = firsts.map(() => newId());
  const owners = uncertaintyOwners(firsts.map(({ heading }) => heading));
  return firsts.map(({ heading, quantity: place }, index) => {
    const owned = owners.indexOf(index);
    const owner = firsts[owners[index] ?? -1]?.heading;
    const { name, symbol: wanted } = uncertaintyNames(heading, owner);
    const plain =
      name === "" ? (plainSymbols[index] ?? proposedSymbol(name)) : proposedSymbol(name);
    const symbol = freeSymbol(wanted || plain, taken);
    taken.add(symbol);
    const column = owned >= 0 ? ids[owned] : undefined;
    return {
      id: ids[index] as string,
      quantity: {
        ...describedAnew(symbol),
        name,
        unit: heading.unit || (owner?.unit ?? ""),
        repeats: columns.filter(({ quantity }) => quantity === place).length,
        ...(column && { uncertainty: { kind: "column", column } as const }),
      },
    };
  });
}

function refusal(
  cells: Cells,
  body: Cells,
  document: Investigation,
  longest: number = limits.lettersOfReading,
): Incoming | undefined {
  if (body.length === 0) return { kind: "empty" };
  const most = limits.rows - Object.keys(document.rows).length;
  if (body.length > most) return { kind: "too-many-rows", rows: body.length, most };
  const width = Math.max(...cells.map((row) => row.length));
  const room = limits.quantities;
  if (width > room) return { kind: "too-many-columns", columns: width, most: room };
  const long = body.findIndex((row) => row.some((cell) => cell.length > longest));
  return long >= 0 ? { kind: "too-long", row: long + 1 } : undefined;
}

/** Reasons of a whole row stand in one cell. */
const longestOwnText = 100_000;

/** Cells of a file as a table to be brought in; one that was taken out here comes back as it was. */
export function incomingTable(
  given: Cells,
  reading: Reading,
  name: string,
  document: Investigation,
  newId: () => string,
): Incoming {
  const cells = isOwnTable(given) ? given : withoutRepeatNumbers(given);
  if (isOwnTable(cells)) {
    const refused = refusal(cells, cells, document, longestOwnText);
    return refused ?? { kind: "table", own: true, table: ownTable(cells, document, newId) };
  }
  const { decimalMark, spread } = document.houseRules;
  const whole = cells.slice(reading.headingLines);
  const most = limits.rows - Object.keys(document.rows).length;
  const style = { mark: reading.decimalMark, spread };
  const how = whole.length > most ? reading.thinning : undefined;
  const body = how ? thinnedRows(whole, most, how, style) : whole;
  const refused = refusal(cells, body, document);
  if (refused) return refused;
  const headings = [...headingsOf(cells, reading, widthOf(cells))];
  if (reading.numbered === "repeats") {
    for (const { from, to, heading } of repeatedIn(cells, reading))
      headings.fill(heading, from, to);
  }
  const columns = columnsOf(headings);
  const quantities = quantitiesOf(columns, document, newId);
  const keys = columns.map(({ quantity, repeat }) =>
    cellKey(quantities[quantity]?.id as string, repeat),
  );
  const rows = body.map((texts) => ({
    id: newId(),
    row: {
      readings: Object.fromEntries(
        texts.flatMap((text, i) =>
          text === "" ? [] : [[keys[i], inHouseMark(text, reading.decimalMark, decimalMark)]],
        ),
      ) as Record<string, string>,
    },
  }));
  const plain: IncomingTable = { id: newId(), name, quantities, series: [], rows };
  const words = wordColumn(plain, decimalMark);
  const inSeries = words && reading.words === "series" ? withSeriesOf(plain, words, newId) : plain;
  const table = withRemarks(inSeries, decimalMark);
  const thinned = how && { how, each: rowsForOne(whole.length, most) };
  return { kind: "table", own: false, table, ...(thinned && { thinned }), ...(words && { words }) };
}
