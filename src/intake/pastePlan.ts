import type { TooMuch } from "./tooMuch";
import type { PastedHeading, PastedRow } from "@/investigation/acts/pasteBlock";
import type { Investigation } from "@/investigation/model/investigation";
import { limits } from "@/investigation/model/limits";
import { cellKey, cellPlace } from "@/investigation/model/row";
import type { Block } from "./block";
import { freeSymbol, proposedSymbol } from "./freeSymbol";
import type { Heading } from "./heading";
import { uncertaintyNames, uncertaintyOwners } from "./uncertaintyColumns";

/** What pasting a block at a place will do, as the arguments of the act and the numbers to report. */
export interface PastePlan {
  readonly table: string;
  readonly newQuantities: readonly { id: string; symbol: string }[];
  readonly headings: readonly PastedHeading[];
  /** The cell key of each column; null where what was pasted is left out. */
  readonly cells: readonly (string | null)[];
  /** Some rows of the block, counted from 0; a long block is written in parts. */
  readonly written: (from: number, to: number) => readonly PastedRow[];
  readonly rows: number;
  readonly columns: number;
}

export type PasteOutcome =
  { readonly kind: "plan"; readonly plan: PastePlan } | { readonly kind: "nothing" } | TooMuch;

/** The table as it stands on the screen, and where in it the block's upper left corner goes, counted from 0. */
export interface PasteTarget {
  readonly table: string;
  readonly rows: readonly string[];
  /** The cell key of each column. */
  readonly cells: readonly string[];
  readonly row: number;
  readonly column: number;
  /** Cell keys of columns that are worked out: what is pasted over them is left out. */
  readonly closed?: ReadonlySet<string>;
}

function hasReadings(document: Investigation, quantity: string): boolean {
  return Object.values(document.rows).some((row) => row.readings[quantity]);
}

interface Described {
  readonly quantity: string;
  readonly heading: Heading;
}

/** Headings for quantities that are still empty; a heading over a further repeat says nothing new. */
function describedColumns(
  document: Investigation,
  block: Block,
  cells: readonly string[],
): Described[] {
  return cells.flatMap((cell, index) => {
    const heading = block.headings?.[index];
    const { quantity, repeat } = cellPlace(cell);
    return heading && repeat === 1 && !hasReadings(document, quantity)
      ? [{ quantity, heading }]
      : [];
  });
}

function planHeadings(
  document: Investigation,
  block: Block,
  cells: readonly string[],
): PastedHeading[] {
  const described = describedColumns(document, block, cells);
  const ids = new Set(described.map(({ quantity }) => quantity));
  const taken = new Set(
    Object.entries(document.quantities).flatMap(([id, { symbol }]) =>
      ids.has(id) ? [] : [symbol],
    ),
  );
  const owners = uncertaintyOwners(described.map(({ heading }) => heading));
  return described.map(({ quantity, heading }, index): PastedHeading => {
    const owner = described[owners[index] ?? -1];
    const { name, symbol } = uncertaintyNames(heading, owner?.heading);
    const free = freeSymbol(symbol || proposedSymbol(name), taken);
    taken.add(free);
    const { unit } = heading;
    return {
      quantity,
      name,
      symbol: free,
      unit: unit || (owner?.heading.unit ?? ""),
      ...(owner && { uncertaintyOf: owner.quantity }),
    };
  });
}

function refusal(
  document: Investigation,
  block: Block,
  target: PasteTarget,
): PasteOutcome | undefined {
  if (block.readings.length === 0) return { kind: "nothing" };
  const fresh = Math.max(0, target.row + block.readings.length - target.rows.length);
  if (Object.keys(document.rows).length + fresh > limits.rows) {
    return { kind: "too-many-rows", rows: block.readings.length, most: limits.rows };
  }
  const missing = Math.max(0, target.column + block.width - target.cells.length);
  const columns = Object.keys(document.quantities).length + missing;
  if (missing > 0 && columns > limits.quantities) {
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
  target: PasteTarget,
  newId: () => string,
): PasteOutcome {
  const refused = refusal(document, block, target);
  if (refused) return refused;
  const missing = Math.max(0, target.column + block.width - target.cells.length);
  const taken = new Set(Object.values(document.quantities).map(({ symbol }) => symbol));
  const newQuantities = Array.from({ length: missing }, () => {
    const symbol = freeSymbol("q", taken);
    taken.add(symbol);
    return { id: newId(), symbol };
  });
  const fresh = newQuantities.map(({ id }) => cellKey(id));
  const cells = [...target.cells, ...fresh].slice(target.column, target.column + block.width);
  const written = (from: number, to: number) =>
    block.readings.slice(from, to).map((texts, index) => ({
      row: target.rows[target.row + from + index] ?? newId(),
      texts,
    }));
  const headings = planHeadings(document, block, cells).filter(
    ({ quantity }) => !target.closed?.has(quantity),
  );
  return {
    kind: "plan",
    plan: {
      table: target.table,
      newQuantities,
      headings,
      written,
      cells: cells.map((cell) => (target.closed?.has(cell) ? null : cell)),
      rows: block.readings.length,
      columns: block.width,
    },
  };
}
