import type { PastedHeading } from "@/investigation/acts/pasteBlock";
import type { TypedReading } from "@/investigation/acts/typeReadings";
import type { Investigation } from "@/investigation/model/investigation";
import { limits } from "@/investigation/model/limits";
import { inOrder } from "@/investigation/model/order";
import type { Block } from "./block";

/** What pasting a block at a place will do, as the arguments of the act and the numbers to report. */
export interface PastePlan {
  readonly newQuantities: readonly { id: string; symbol: string }[];
  readonly headings: readonly PastedHeading[];
  readonly readings: readonly TypedReading[];
  readonly rows: number;
  readonly columns: number;
}

export type PasteOutcome =
  | { readonly kind: "plan"; readonly plan: PastePlan }
  | { readonly kind: "nothing" }
  | { readonly kind: "too-many-rows"; readonly rows: number; readonly most: number }
  | { readonly kind: "too-many-columns"; readonly columns: number; readonly most: number }
  | { readonly kind: "too-long"; readonly row: number };

/** Where the block's upper left corner goes, counted from 0; a row or column behind the last makes new ones. */
export interface PastePlace {
  readonly row: number;
  readonly column: number;
}

function hasReadings(document: Investigation, quantity: string): boolean {
  return Object.values(document.rows).some((row) => row.readings[quantity]);
}

/** A symbol that no other quantity has: the wanted one, or with a number lowered behind it. */
export function freeSymbol(wanted: string, taken: ReadonlySet<string>): string {
  if (!taken.has(wanted)) return wanted;
  for (let n = 2; ; n++) if (!taken.has(`${wanted}_${n}`)) return `${wanted}_${n}`;
}

function proposedSymbol(name: string): string {
  return (/\p{L}/u.exec(name)?.[0] ?? "q").toLowerCase();
}

function planHeadings(document: Investigation, block: Block, columns: readonly string[]) {
  if (!block.headings) return [];
  const described = columns
    .map((quantity, index) => ({ quantity, heading: block.headings?.[index] }))
    .filter(({ quantity, heading }) => heading && !hasReadings(document, quantity));
  const ids = new Set(described.map(({ quantity }) => quantity));
  const taken = new Set(
    Object.entries(document.quantities).flatMap(([id, { symbol }]) =>
      ids.has(id) ? [] : [symbol],
    ),
  );
  return described.map(({ quantity, heading }): PastedHeading => {
    const { name, symbol, unit } = heading as NonNullable<typeof heading>;
    const free = freeSymbol(symbol || proposedSymbol(name), taken);
    taken.add(free);
    return { quantity, name, unit, symbol: free };
  });
}

function refusal(
  document: Investigation,
  block: Block,
  place: PastePlace,
): PasteOutcome | undefined {
  if (block.readings.length === 0) return { kind: "nothing" };
  const lastRow = place.row + block.readings.length;
  if (lastRow > limits.rows) {
    return { kind: "too-many-rows", rows: block.readings.length, most: limits.rows };
  }
  const columns = place.column + block.width;
  if (columns > Math.max(limits.quantities, Object.keys(document.quantities).length)) {
    return { kind: "too-many-columns", columns, most: limits.quantities };
  }
  const long = block.readings.findIndex((row) =>
    row.some((cell) => cell.length > limits.lettersOfReading),
  );
  return long >= 0 ? { kind: "too-long", row: long + 1 } : undefined;
}

/** Works out what pasting a block at a place will do. `newId` gives fresh ids. */
export function planPaste(
  document: Investigation,
  block: Block,
  place: PastePlace,
  newId: () => string,
): PasteOutcome {
  const refused = refusal(document, block, place);
  if (refused) return refused;
  const present = inOrder(document.quantities).map(([id]) => id);
  const missing = Math.max(0, place.column + block.width - present.length);
  const taken = new Set(Object.values(document.quantities).map(({ symbol }) => symbol));
  const newQuantities = Array.from({ length: missing }, () => {
    const symbol = freeSymbol("q", taken);
    taken.add(symbol);
    return { id: newId(), symbol };
  });
  const columns = [...present, ...newQuantities.map(({ id }) => id)].slice(place.column);
  const rows = inOrder(document.rows).map(([id]) => id);
  const readings = block.readings.flatMap((cells, index) => {
    const row = rows[place.row + index] ?? newId();
    return cells.map((text, column) => ({ row, quantity: columns[column] as string, text }));
  });
  return {
    kind: "plan",
    plan: {
      newQuantities,
      headings: planHeadings(document, block, columns.slice(0, block.width)),
      readings,
      rows: block.readings.length,
      columns: block.width,
    },
  };
}
