import type { Investigation } from "../model/investigation";
import type { ReadOffChoice, ReadOffEntry } from "../model/recording";
import { rewriteReadOffs } from "../recordings/rewriteReadOffs";
import { act } from "./act";

/** What came of a choice. */
export type CameOf = Pick<ReadOffEntry, "value" | "random" | "common" | "unit">;

/** What came of something read off before, once its recording or its choices have changed. */
export interface ReadAgain {
  readonly id: string;
  readonly cameOf: CameOf;
}

/** Writes what came of it into the entries, and into the readings that are still theirs. */
export function writeAgain(draft: Investigation, again: readonly ReadAgain[]): void {
  for (const { id, cameOf } of again) {
    const entry = draft.readOffs[id];
    if (entry) Object.assign(entry, cameOf);
  }
  const changed = new Set(again.map(({ id }) => id));
  rewriteReadOffs(draft, (_entry, id) => changed.has(id));
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
