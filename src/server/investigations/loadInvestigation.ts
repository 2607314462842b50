import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import type { StoredInvestigation } from "../database/models";

/** A stored investigation as the interface opens it. */
export interface LoadedInvestigation {
  readonly document: Investigation;
  readonly revision: number;
}

/** Brings a stored investigation up to the present version. */
export function loadInvestigation(stored: StoredInvestigation): LoadedInvestigation {
  const upgraded = upgradeInvestigation(stored.document);
  if (upgraded.kind !== "document") {
    throw new Error(`investigation ${stored.id} can't be read: ${upgraded.kind}`);
  }
  return { document: upgraded.document, revision: stored.revision };
}
