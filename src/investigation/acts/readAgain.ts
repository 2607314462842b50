import type { Investigation } from "../model/investigation";
import type { ReadOffChoice, ReadOffEntry } from "../model/recording";
import { act } from "./act";

/** What came of a choice, and how it is written as a reading. */
export type CameOf = Pick<ReadOffEntry, "value" | "random" | "common"> & {
  /** Empty where nothing was found. */
  readonly text: string;
};

/** What came of something read off before, once its recording or its choices have changed. */
export interface ReadAgain {
  readonly id: string;
  readonly cameOf: CameOf;
}

/** Whether a reading is still the one that was read off: nobody has typed over it. */
export function isLive({ rows }: Pick<Investigation, "rows">, { goesTo }: ReadOffEntry): boolean {
  return goesTo !== null && rows[goesTo.row]?.readings[goesTo.cell] === goesTo.text;
}

/** Writes what came of it into the entries and into the readings that are still theirs. */
export function writeAgain(draft: Investigation, again: readonly ReadAgain[]): void {
  for (const { id, cameOf } of again) {
    const entry = draft.readOffs[id];
    if (!entry) continue;
    const { text, value, random, common } = cameOf;
    const live = isLive(draft, entry);
    Object.assign(entry, { value, random, common });
    if (!live || !entry.goesTo || text === "") continue;
    const row = draft.rows[entry.goesTo.row];
    if (row) row.readings[entry.goesTo.cell] = text;
    entry.goesTo.text = text;
  }
}

/** Reads something off with other choices; the reading that it became follows. */
export const readAgain = act<{ id: string; choices: Partial<ReadOffChoice>; cameOf: CameOf }>(
  "read-again",
  (draft, { id, choices, cameOf }) => {
    const entry = draft.readOffs[id];
    if (!entry) return;
    Object.assign(entry, choices);
    writeAgain(draft, [{ id, cameOf }]);
  },
);
