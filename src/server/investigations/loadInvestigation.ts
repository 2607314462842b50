import type { Transaction } from "sequelize";
import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { documentInHand } from "./documentsInHand";
import { wholeDocument } from "./wholeDocument";

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

/** What is stored of an investigation, but for its document. */
export function storedInvestigation(id: string): Promise<StoredInvestigation> {
  const attributes = { exclude: ["document"] };
  return models().StoredInvestigation.findByPk(id, { attributes, rejectOnEmpty: true });
}

/** The document of an investigation at its newest revision, as it is stored. */
export async function storedDocument(id: string): Promise<unknown> {
  return wholeDocument(await models().StoredInvestigation.findByPk(id, { rejectOnEmpty: true }));
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

/** A row of an investigation, whole and brought up to the present version; @throws UnreadableInvestigation. */
export async function readWhole(
  stored: StoredInvestigation,
  transaction?: Transaction,
): Promise<LoadedInvestigation> {
  const { id, revision } = stored;
  const known = documentInHand(id, revision);
  if (known) return { document: known, revision };
  return readStored({ id, revision, document: await wholeDocument(stored, transaction) });
}

/** An investigation at its newest revision; @throws UnreadableInvestigation. */
export async function loadInvestigation(id: string): Promise<LoadedInvestigation> {
  return readWhole(await models().StoredInvestigation.findByPk(id, { rejectOnEmpty: true }));
}
