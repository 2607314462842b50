import type { Investigation } from "../model/investigation";
import { orderAtEnd, ordersAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import type { ReadOffChoice } from "../model/recording";
import { cellKey, cellPlace } from "../model/row";
import { readingText } from "../recordings/readingText";
import { act } from "./act";
import type { CameOf } from "./readAgain";
import { writeReadings } from "./typeReadings";

/** A quantity that is made for what is read off. */
export interface QuantityForIt {
  readonly id: string;
  readonly table: string;
  readonly symbol: string;
}

/** Where something read off goes: a cell in a row that may be new, of a quantity that may be new. */
export interface Destination {
  readonly row: string;
  readonly cell: string;
  readonly quantity?: QuantityForIt;
}

function addQuantityFor(draft: Investigation, { id, table, symbol }: QuantityForIt): void {
  const [order] = ordersAtEnd(draft.quantities, 1);
  draft.quantities[id] = plainQuantity(order as string, table, symbol);
}

/** Writes what was read off into a cell, and links the two; a quantity without a unit takes that of what was read off. */
export function bringTo(draft: Investigation, id: string, to: Destination): void {
  const entry = draft.readOffs[id];
  if (!entry) return;
  if (to.quantity) addQuantityFor(draft, to.quantity);
  const cell = to.quantity ? cellKey(to.quantity.id) : to.cell;
  const { row } = to;
  const quantity = draft.quantities[cellPlace(cell).quantity];
  if (!quantity) return;
  if (quantity.unit.trim() === "") quantity.unit = entry.unit;
  const text = readingText(entry, quantity.unit, draft.houseRules);
  if (text === undefined) return;
  writeReadings(draft, [{ row, cell, text }]);
  for (const other of Object.values(draft.readOffs)) {
    if (other.goesTo?.row === row && other.goesTo.cell === cell) other.goesTo = null;
  }
  if (draft.rows[row]) entry.goesTo = { row, cell, text };
}

/** Something read off a recording, and where it goes. */
export interface TakenOff {
  readonly id: string;
  readonly choice: ReadOffChoice;
  readonly cameOf: CameOf;
  /** Left out where it goes nowhere yet. */
  readonly to?: Destination | undefined;
}

function takeOff(draft: Investigation, { id, choice, cameOf, to }: TakenOff): void {
  if (!draft.recordings[choice.recording]) return;
  draft.readOffs[id] = { ...choice, ...cameOf, order: orderAtEnd(draft.readOffs), goesTo: null };
  if (to) bringTo(draft, id, to);
}

/** Reads something off a recording; it becomes a reading where it is told where to go. */
export const readOff = act<TakenOff>("read-off", takeOff);

/** Reads several things off one after the other: the gaps of a stretch, each to a row of its own. */
export const readEachOff = act<{ all: readonly TakenOff[] }>("read-each-off", (draft, { all }) =>
  all.forEach((one) => takeOff(draft, one)),
);
