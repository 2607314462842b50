import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";

/** A stored investigation as the interface opens it. */
export interface LoadedInvestigation {
  readonly document: Investigation;
  readonly revision: number;
}

/** A stored document that can't be read as it is. */
export class UnreadableInvestigation extends Error {
  constructor(
    message: string,
    /** Whether a newer version of the application wrote it. */
    readonly newer: boolean,
  ) {
    super(message);
  }
}

/** What is stored of an investigation, as it is. */
export function storedInvestigation(id: string): Promise<StoredInvestigation> {
  return models().StoredInvestigation.findByPk(id, { rejectOnEmpty: true });
}

/** Brings a stored investigation up to the present version; @throws UnreadableInvestigation. */
export function readStored({
  id,
  document: stored,
  revision,
}: Pick<StoredInvestigation, "id" | "document" | "revision">): LoadedInvestigation {
  const upgraded = upgradeInvestigation(stored);
  switch (upgraded.kind) {
    case "document":
      return { document: upgraded.document, revision };
    case "too-new":
      throw new UnreadableInvestigation(
        `investigation ${id} was written by a newer version (document version ${upgraded.version})`,
        true,
      );
    case "malformed":
      throw new UnreadableInvestigation(
        `investigation ${id} can't be read: ${upgraded.reason}`,
        false,
      );
  }
}

/** An investigation at its newest revision; @throws UnreadableInvestigation. */
export async function loadInvestigation(id: string): Promise<LoadedInvestigation> {
  return readStored(await storedInvestigation(id));
}
