import { remembered } from "@/remembered/remembered";
import { savingLimits } from "@/protocol/saving";
import type { PendingEdit } from "./documentState";

const patchesAtOnce = 4000;

/** An edit as it is sent. */
export const sentText = remembered(
  ({ id, act, at, patches, inverse, on, window, device }: PendingEdit): string =>
    JSON.stringify({ id, act, at, patches, inverse, on, window, device }),
);

/**
 * The oldest edits, so many that one request holds them and sending them doesn't hold the page up; a longer one, or one
 * under suspicion, goes alone.
 */
export function nextToSend(
  pending: readonly PendingEdit[],
  suspects: ReadonlySet<string>,
): readonly PendingEdit[] {
  const next: PendingEdit[] = [];
  let [patches, letters] = [0, 0];
  for (const edit of pending) {
    patches += edit.patches.length;
    letters += sentText(edit).length + 1;
    const full =
      suspects.has(edit.id) ||
      letters > savingLimits.lettersAtOnce ||
      patches > patchesAtOnce ||
      next.length >= savingLimits.editsAtOnce;
    if (full && next.length > 0) break;
    next.push(edit);
    if (full) break;
  }
  return next;
}

/** What was sent once may be with the server even if no answer comes: nothing more is joined to it. */
export function closed(edit: PendingEdit, sent: ReadonlySet<string>): PendingEdit {
  return edit.mergeKey !== undefined && sent.has(edit.id) ? { ...edit, mergeKey: undefined } : edit;
}
