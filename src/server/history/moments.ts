import { Op, type Transaction } from "sequelize";
import { applyChange } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import type { Moment } from "@/protocol/history";
import { models } from "../database/models";
import { wholeDocument } from "../investigations/wholeDocument";
import { foldedTo } from "./folding";
import { goBack } from "./goBack";
import { entryOf } from "./history";

/** The nearest state that is known at a revision or behind it: a kept one, or the newest. */
async function nearest(investigationId: string, revision: number, transaction?: Transaction) {
  const { KeptState, StoredInvestigation } = models();
  const kept = await KeptState.findOne({
    where: { investigationId, revision: { [Op.gte]: revision } },
    order: [["revision", "ASC"]],
    transaction,
  });
  if (kept) return kept;
  const newest = await StoredInvestigation.findByPk(investigationId, { rejectOnEmpty: true, transaction });
  return { revision: newest.revision, document: await wholeDocument(newest, transaction) };
} // prettier-ignore

/** The document as it stood after a revision; undefined where there is none such, or it is kept no longer. */
async function stateAfter(
  investigationId: string,
  revision: number,
  transaction?: Transaction,
): Promise<Investigation | undefined> {
  const known = await nearest(investigationId, revision, transaction);
  if (revision > known.revision) return undefined;
  const folded = await foldedTo(investigationId, transaction);
  if (revision < folded && revision !== known.revision) return undefined;
  const edits = await models().StoredEdit.findAll({
    where: { investigationId, revision: { [Op.gt]: revision, [Op.lte]: known.revision } },
    attributes: ["revision", "inverse"],
    order: [["revision", "DESC"]],
    transaction,
  });
  let document = known.document as Investigation;
  for (const { inverse } of edits) {
    const back = applyChange(document, inverse);
    if (back.applied) document = back.document;
  }
  const upgraded = upgradeInvestigation(document);
  return upgraded.kind === "document" ? upgraded.document : undefined;
}

/** The revisions before and after one that can be looked at. */
async function neighbours(investigationId: string, revision: number) {
  const folded = await foldedTo(investigationId);
  const kept = async (side: typeof Op.lt | typeof Op.gt, order: "ASC" | "DESC") => {
    const where = { investigationId, revision: { [side]: revision } };
    const found = await models().KeptState.findOne({
      where,
      attributes: ["revision"],
      order: [["revision", order]],
    });
    return found?.revision;
  };
  const before = revision > folded ? revision - 1 : await kept(Op.lt, "DESC");
  const after = revision >= folded ? revision + 1 : await kept(Op.gt, "ASC");
  return { ...(before !== undefined && before >= 0 && { before }), ...(after && { after }) };
}

/** An investigation as it stood after a revision, and after which act; undefined where there is none such, or it can't be read. */
export async function momentOf(
  investigationId: string,
  revision: number,
): Promise<Moment | undefined> {
  const document = await stateAfter(investigationId, revision);
  if (!document) return undefined;
  const entry = await entryOf(investigationId, revision);
  return {
    document,
    revision,
    ...(await neighbours(investigationId, revision)),
    ...(entry && { entry }),
  };
}

/** Goes back to a moment, as an edit; whether there was such a moment. */
export function goBackTo(
  investigationId: string,
  authorId: string,
  revision: number,
): Promise<boolean> {
  return goBack(investigationId, authorId, async (_, transaction) => {
    const document = await stateAfter(investigationId, revision, transaction);
    return document && { document };
  });
}
