import { Op, type Transaction } from "sequelize";
import { applyChange } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import type { Moment } from "@/protocol/history";
import { models } from "../database/models";
import { goBack } from "./goBack";

/** The nearest state that is known at a revision or behind it: a kept one, or the newest. */
async function nearest(investigationId: string, revision: number, transaction?: Transaction) {
  const { KeptState, StoredInvestigation } = models();
  const kept = await KeptState.findOne({
    where: { investigationId, revision: { [Op.gte]: revision } },
    order: [["revision", "ASC"]],
    transaction,
  });
  return kept ?? StoredInvestigation.findByPk(investigationId, { rejectOnEmpty: true, transaction });
} // prettier-ignore

/** An investigation as it stood after a revision; undefined where there is none such, or it can't be read. */
export async function momentOf(
  investigationId: string,
  revision: number,
  transaction?: Transaction,
): Promise<Moment | undefined> {
  const known = await nearest(investigationId, revision, transaction);
  if (revision > known.revision) return undefined;
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
  return upgraded.kind === "document" ? { document: upgraded.document, revision } : undefined;
}

/** Goes back to a moment, as an edit; whether there was such a moment. */
export function goBackTo(
  investigationId: string,
  authorId: string,
  revision: number,
): Promise<boolean> {
  return goBack(investigationId, authorId, (_, transaction) =>
    momentOf(investigationId, revision, transaction),
  );
}
