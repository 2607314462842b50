import type { Investigation } from "../model/investigation";
import type { ReadOffEntry } from "../model/recording";
import { cellPlace } from "../model/row";
import { readingText } from "./readingText";

/** Whether a reading is still the one that was read off: nobody has typed over it. */
export function isLive({ rows }: Pick<Investigation, "rows">, { goesTo }: ReadOffEntry): boolean {
  return goesTo !== null && rows[goesTo.row]?.readings[goesTo.cell] === goesTo.text;
}

/** Writes what was read off into the readings that are still its own, by the present house rules and units. */
export function rewriteReadOffs(
  draft: Investigation,
  concerns: (entry: ReadOffEntry, id: string) => boolean = () => true,
): void {
  for (const [id, entry] of Object.entries(draft.readOffs)) {
    const { goesTo } = entry;
    if (!goesTo || !concerns(entry, id) || !isLive(draft, entry)) continue;
    const { unit } = draft.quantities[cellPlace(goesTo.cell).quantity] ?? {};
    const text = unit === undefined ? undefined : readingText(entry, unit, draft.houseRules);
    const row = draft.rows[goesTo.row];
    if (text === undefined || !row) continue;
    row.readings[goesTo.cell] = text;
    goesTo.text = text;
  }
}
