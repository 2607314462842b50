import type { Reason } from "../model/reason";
import { act } from "./act";

/** Sets readings (by cell key), or whole rows under `wholeRow`, aside with a reason: they stay, but take no part. */
export const setAside = act<{
  readings: readonly { row: string; cell: string }[];
  reason: Reason;
}>("set-aside", (draft, { readings, reason }) => {
  for (const { row, cell } of readings) {
    const target = draft.rows[row];
    if (target) target.setAside = { ...target.setAside, [cell]: reason };
  }
});
