import { applyPatches, enablePatches, type Patch } from "immer";
import { Op, type Transaction } from "sequelize";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";

enablePatches();

type Snapshot = Pick<StoredInvestigation, "id" | "document" | "documentRevision" | "revision">;

/** An edit done to a document as it is stored, of whatever version; one that does not fit leaves it as it is. */
function done(document: unknown, patches: readonly Patch[]): unknown {
  try {
    return applyPatches(document as object, patches as Patch[]) as unknown;
  } catch {
    return document;
  }
}

/**
 * The document of an investigation at its newest revision: the log is the truth, what is at hand is a document of some
 * revisions before, and what the log has behind that is done to it.
 */
export async function wholeDocument<Document>(
  { id, document, documentRevision, revision }: Snapshot & { readonly document: Document },
  transaction?: Transaction,
): Promise<Document> {
  if (documentRevision === revision) return document;
  const tail = await models().StoredEdit.findAll({
    where: { investigationId: id, revision: { [Op.gt]: documentRevision, [Op.lte]: revision } },
    attributes: ["patches"],
    order: [["revision", "ASC"]],
    transaction,
    raw: true,
  });
  return tail.reduce((before: unknown, { patches }) => done(before, patches), document) as Document;
}
