import { nanoid } from "nanoid";
import type { Act } from "@/investigation/acts/act";
import { applyChange, type Change, perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { type InvestigationStore, recordAll } from "./investigationStore";

const turn = () => new Promise<void>((resolve) => setTimeout(resolve));

/** The changes laid over a document that has gone on meanwhile; what no longer fits is left out. */
function laidOver(document: Investigation, changes: readonly Change[]) {
  let next = document;
  const fitting = changes.filter((change) => {
    const application = applyChange(next, change.patches);
    if (application.applied) next = application.document;
    return application.applied;
  });
  return { document: next, changes: fitting };
}

/**
 * Performs an act part by part beside what is shown, giving the page its turn between them, and then shows all of it at
 * once: one step of undo, each part an edit of its own. `prepare` reads each step of the document ahead of its showing.
 */
export async function doInParts<Args>(
  store: InvestigationStore,
  act: Act<Args>,
  parts: Iterable<Args>,
  prepare: (document: Investigation) => void,
): Promise<void> {
  const begun = store.getState().document;
  let document = begun;
  const changes: Change[] = [];
  for (const part of parts) {
    if (changes.length > 0) await turn();
    const step = perform(document, act, part);
    document = step.document;
    if (step.change.patches.length > 0) changes.push(step.change);
    if (changes.length > 1) prepare(document);
  }
  const { document: now } = store.getState();
  const shown = now === begun ? { document, changes } : laidOver(now, changes);
  if (shown.changes.length > 0) recordAll(store, shown.document, shown.changes, nanoid(8));
}
