import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
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

/** Brings a stored document up to the present version; @throws UnreadableInvestigation. */
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
