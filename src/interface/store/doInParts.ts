import { nanoid } from "nanoid";
import { applyChange, type Change } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { sayings } from "@/wording/sayings";
import type { Steps } from "@/pipeline/readings/steps";
import { type InvestigationStore, recordAll } from "./investigationStore";
import { inTurns, turn } from "./turns";

/** What long work led to: the document, and the changes on the way there. */
export interface Done {
  readonly document: Investigation;
  readonly changes: readonly Change[];
}

/** The changes laid over a document that has gone on meanwhile; what no longer fits is left out. */
function laidOver(document: Investigation, changes: readonly Change[]): Done {
  let next = document;
  const fitting = changes.filter((change) => {
    const application = applyChange(next, change.patches);
    if (application.applied) next = application.document;
    return application.applied;
  });
  return { document: next, changes: fitting };
}

/**
 * Does long work beside what is shown, giving the page its turn between its steps, and then shows all of it at once: one
 * step of undo, each change an edit of its own.
 */
export async function doInParts(
  store: InvestigationStore,
  work: (from: Investigation) => Steps<Done>,
): Promise<void> {
  const begun = store.getState().document;
  const done = await inTurns(work(begun), () => true);
  if (!done) return;
  await turn();
  const { document: now } = store.getState();
  const { document, changes } = now === begun ? done : laidOver(now, done.changes);
  if (changes.length > 0) recordAll(store, document, changes, nanoid(8));
  const left = done.changes.length - changes.length;
  if (left > 0) store.setState({ notice: sayings.refused.partly({ left }) });
  await turn();
}
