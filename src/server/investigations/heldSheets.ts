import { QueryTypes, type Transaction } from "sequelize";
import { documentVersion, type Investigation } from "@/investigation/model/investigation";

import { models } from "../database/models";
import { documentInHand } from "./documentsInHand";
import { readStored } from "./loadInvestigation";
import { wholeDocument } from "./wholeDocument";

/** An investigation whose row is held, without its document. */
export interface HeldSheet {
  readonly id: string;
  readonly revision: number;
  readonly documentRevision: number;
  readonly letters: number | null;
  /** Whether it is a bench's: its title is its experiment's, and what the brief fixes stays. */
  readonly ofBench: boolean;
}

/**
 * Holds the rows of investigations until the transaction ends; those that somebody else holds are left out.
 * @param wait waits for those instead.
 */
export async function holdSheets(
  ids: readonly string[],
  wait: boolean,
  transaction: Transaction,
): Promise<ReadonlyMap<string, HeldSheet>> {
  const found = await models().sequelize.query<HeldSheet>(
    `select id, revision, document_revision as "documentRevision", letters, owner_id is null as "ofBench"
     from investigations where id = any($1::text[]) order by id for update${wait ? "" : " skip locked"}`,
    { bind: [ids], transaction, type: QueryTypes.SELECT },
  );
  return new Map(found.map((sheet) => [sheet.id, sheet]));
}

/** A held document, and whether the row holds one of the present version, to which the log's edits can be done. */
export interface HeldDocument {
  readonly document: Investigation;
  readonly current: boolean;
}

/** The document of a held sheet: as this process has it in hand, or read. @throws UnreadableInvestigation */
export async function heldDocument(
  { id, revision }: HeldSheet,
  transaction: Transaction,
): Promise<HeldDocument> {
  const known = documentInHand(id, revision);
  if (known) return { document: known, current: true };
  const row = await models().StoredInvestigation.findByPk(id, { transaction, rejectOnEmpty: true });
  const stored = await wholeDocument(row, transaction);
  const { document } = readStored({ id, revision, document: stored });
  return { document, current: (stored as { version?: unknown }).version === documentVersion };
}
