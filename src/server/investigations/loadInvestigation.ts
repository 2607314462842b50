import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { newestInHand } from "./newestInHand";
import type { LoadedInvestigation } from "./readStored";
import { wholeDocument } from "./wholeDocument";

/** What is stored of an investigation, but for its document. */
export function storedInvestigation(id: string): Promise<StoredInvestigation> {
  const attributes = { exclude: ["document"] };
  return models().StoredInvestigation.findByPk(id, { attributes, rejectOnEmpty: true });
}

/** The document of an investigation at its newest revision, as it is stored. */
export async function storedDocument(id: string): Promise<unknown> {
  return wholeDocument(await models().StoredInvestigation.findByPk(id, { rejectOnEmpty: true }));
}

/** An investigation at its newest revision; @throws UnreadableInvestigation. */
export async function loadInvestigation(id: string): Promise<LoadedInvestigation> {
  const { held, revision } = await newestInHand(await storedInvestigation(id));
  return { document: held.document, revision };
}
