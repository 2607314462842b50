import { copyTitle } from "@/wording/untitled";
import { nanoid } from "nanoid";
import { renameInvestigation } from "@/investigation/acts/renameInvestigation";
import { perform } from "@/investigation/history/edit";
import { models } from "../database/models";
import { announceRights } from "../live/channel";
import { copyRecordings, renameRecordings } from "../recordings/copies";
import { createInvestigation } from "./createInvestigation";
import { loadInvestigation, storedInvestigation } from "./loadInvestigation";
import { saveEdits } from "./saveEdits";

/** Gives an investigation another title, as an edit like any other: logged, and heard by open windows. */
export async function renameOnShelf(
  investigationId: string,
  personId: string,
  title: string,
): Promise<void> {
  const { document, revision } = await loadInvestigation(investigationId);
  const { change } = perform(document, renameInvestigation, { title });
  if (change.patches.length === 0) return;
  const made = { id: nanoid(16), at: new Date().toISOString(), on: revision };
  const edit = { ...change, ...made, window: "", device: "" };
  await saveEdits(investigationId, personId, { since: revision, edits: [edit] });
}

/** Puts a copy on a person's shelf, with its own log from here on and its recordings; undefined where the shelf is full. */
export async function duplicateOnShelf(
  investigationId: string,
  personId: string,
): Promise<string | undefined> {
  const stored = await storedInvestigation(investigationId);
  const { document } = await loadInvestigation(investigationId);
  const brief = stored.ownerId === null ? null : document.brief;
  const title = copyTitle(document.title);
  const renamed = await renameRecordings(investigationId, { ...document, title, brief });
  const id = await createInvestigation(personId, renamed.document);
  if (id !== undefined) await copyRecordings(id, renamed.ids);
  return id;
}

/** Nothing of it has changed for that. */
async function setDeleted(id: string, deletedAt: Date | null): Promise<void> {
  await models().StoredInvestigation.update({ deletedAt }, { where: { id }, silent: true });
  await announceRights([id]);
}

/** Takes an investigation off the shelf; it can be put back for 30 days. */
export async function deleteFromShelf(investigationId: string): Promise<void> {
  await setDeleted(investigationId, new Date());
}

/** Puts a deleted investigation back. */
export async function putBackOnShelf(investigationId: string): Promise<void> {
  await setDeleted(investigationId, null);
}
