import { untitled } from "@/wording/untitled";
import { nanoid } from "nanoid";
import { renameInvestigation } from "@/investigation/acts/renameInvestigation";
import { perform } from "@/investigation/history/edit";
import type { StoredInvestigation } from "../database/models";
import { createInvestigation } from "./createInvestigation";
import { loadInvestigation } from "./loadInvestigation";
import { saveEdits } from "./saveEdits";

/** Gives an investigation another title, as an edit like any other: logged, and heard by open windows. */
export async function renameOnShelf(
  stored: StoredInvestigation,
  personId: string,
  title: string,
): Promise<void> {
  const { document, revision } = loadInvestigation(stored);
  const { change } = perform(document, renameInvestigation, { title });
  if (change.patches.length === 0) return;
  const made = { id: nanoid(16), at: new Date().toISOString(), on: revision };
  const edit = { ...change, ...made, window: "", device: "" };
  await saveEdits(stored.id, personId, { since: revision, edits: [edit] });
}

/** Puts a copy on the same shelf, with its own log from here on; undefined where the shelf is full. */
export async function duplicateOnShelf(stored: StoredInvestigation): Promise<string | undefined> {
  const { document } = loadInvestigation(stored);
  const title = `${document.title || untitled} (copy)`.slice(0, 200);
  return createInvestigation(stored.ownerId, { ...document, title });
}

/** Takes an investigation off the shelf; it can be put back for 30 days. */
export async function deleteFromShelf(stored: StoredInvestigation): Promise<void> {
  await stored.update({ deletedAt: new Date() }, { silent: true });
}

/** Puts a deleted investigation back. */
export async function putBackOnShelf(stored: StoredInvestigation): Promise<void> {
  await stored.update({ deletedAt: null }, { silent: true });
}
