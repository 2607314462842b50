import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import type { StoredInvestigation } from "../database/models";

/** A stored investigation as the interface opens it. */
export interface LoadedInvestigation {
  readonly document: Investigation;
  readonly revision: number;
}

/** A stored document that can't be read as it is. */
export class UnreadableInvestigation extends Error {}

/** Brings a stored investigation up to the present version; @throws UnreadableInvestigation. */
export function loadInvestigation(
  stored: Pick<StoredInvestigation, "id" | "document" | "revision">,
): LoadedInvestigation {
  const upgraded = upgradeInvestigation(stored.document);
  if (upgraded.kind !== "document") {
    const why = upgraded.kind === "malformed" ? upgraded.reason : upgraded.kind;
    throw new UnreadableInvestigation(`investigation ${stored.id} can't be read: ${why}`);
  }
  return { document: upgraded.document, revision: stored.revision };
}
