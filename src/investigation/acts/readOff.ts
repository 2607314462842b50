import type { Investigation } from "../model/investigation";
import { orderAtEnd } from "../model/order";
import type { ReadOffChoice } from "../model/recording";
import { act } from "./act";
import type { CameOf } from "./readAgain";
import { writeReadings } from "./typeReadings";

/** Where something read off goes: a cell, in a row that may be new. */
export interface Destination {
  readonly row: string;
  readonly cell: string;
}

interface ReadingOff {
  id: string;
  choice: ReadOffChoice;
  unit: string;
  cameOf: CameOf;
  /** Left out where it goes nowhere yet. */
  to?: Destination;
}

/** Writes what was read off into a cell, and links the two. */
export function bringTo(
  draft: Investigation,
  id: string,
  { row, cell }: Destination,
  text: string,
): void {
  const entry = draft.readOffs[id];
  if (!entry || text === "") return;
  writeReadings(draft, [{ row, cell, text }]);
  if (draft.rows[row]) entry.goesTo = { row, cell, text };
}

/** Reads something off a recording; it becomes a reading where it is told where to go. */
export const readOff = act<ReadingOff>("read-off", (draft, { id, choice, unit, cameOf, to }) => {
  if (!draft.recordings[choice.recording]) return;
  const { text, value, random, common } = cameOf;
  const order = orderAtEnd(draft.readOffs);
  draft.readOffs[id] = { ...choice, order, unit, value, random, common, goesTo: null };
  if (to) bringTo(draft, id, to, text);
});
