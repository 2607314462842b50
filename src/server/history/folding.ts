import { Op, type Transaction } from "sequelize";
import { applyChange } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { models } from "../database/models";
import type { StoredEdit } from "../database/models/storedEdit";

/** Edits that the server has had for so many days are folded. */
export const foldedAfterDays = 90;

/** What came before this moment is old. */
const oldBefore = (now: Date) => new Date(now.getTime() - foldedAfterDays * 86_400_000);

/** Whether an edit is old enough to be folded. */
export const isOld = ({ receivedAt }: Pick<StoredEdit, "receivedAt">, now = new Date()) =>
  receivedAt < oldBefore(now);

/** So many investigations are folded in one sweep; the next sweep goes on. */
const atOnce = 50;

/** Investigations with a kept state, behind what is folded already, that is old enough. */
async function foldable(now: Date): Promise<readonly string[]> {
  const [found] = await models().sequelize.query(
    `select distinct kept.investigation_id as id
       from kept_states kept
       join investigations on investigations.id = kept.investigation_id
       join edits on edits.investigation_id = kept.investigation_id and edits.revision = kept.revision
      where kept.revision > investigations.folded_to and edits.received_at < :before
      limit ${atOnce}`,
    { replacements: { before: oldBefore(now) } },
  );
  return (found as { id: string }[]).map(({ id }) => id);
}

/** Up to which revision the log is folded. */
export async function foldedTo(investigationId: string, transaction?: Transaction) {
  const options = { attributes: ["foldedTo"], transaction };
  return (await models().StoredInvestigation.findByPk(investigationId, options))?.foldedTo ?? 0;
}

const dayOf = ({ receivedAt }: StoredEdit) => receivedAt.toISOString().slice(0, 10);

/** The states in which the days of a stretch ended, and the very first one; walked back from the state after the stretch. */
function endsOfDays(newestFirst: readonly StoredEdit[], after: Investigation) {
  const kept: { revision: number; document: Investigation }[] = [];
  let document = after;
  for (const [place, edit] of newestFirst.entries()) {
    const back = applyChange(document, edit.inverse);
    if (back.applied) document = back.document;
    const before = newestFirst[place + 1];
    const revision = edit.revision - 1;
    if (revision === 0 || (before && dayOf(before) !== dayOf(edit))) kept.push({ revision, document });
  }
  return kept;
} // prettier-ignore

/** Takes out of a stretch of the log all but who, what and when, and what was written into rows. */
async function thinOut(investigationId: string, from: number, to: number, transaction: Transaction) {
  await models().sequelize.query(
    `update edits set inverse = '[]', window_id = null, device_id = null, patches = coalesce(
       (select jsonb_agg(patch order by place) from jsonb_array_elements(patches) with ordinality as each (patch, place)
         where patch -> 'path' ->> 0 = 'rows'), '[]')
      where investigation_id = :investigationId and revision > :from and revision <= :to`,
    { replacements: { investigationId, from, to }, transaction },
  );
} // prettier-ignore

/** Folds the oldest stretch that is not folded yet, up to the next kept state; whether it was old enough. */
async function foldStretch(investigationId: string, now: Date): Promise<boolean> {
  const { sequelize, KeptState, StoredEdit, StoredInvestigation } = models();
  return sequelize.transaction(async (transaction) => {
    const held = { transaction, lock: transaction.LOCK.UPDATE } as const;
    const stored = await StoredInvestigation.findByPk(investigationId, held);
    if (!stored) return false;
    const from = stored.foldedTo;
    const end = await KeptState.findOne({
      where: { investigationId, revision: { [Op.gt]: from } },
      order: [["revision", "ASC"]],
      transaction,
    });
    if (!end) return false;
    const edits = await StoredEdit.findAll({
      where: { investigationId, revision: { [Op.gt]: from, [Op.lte]: end.revision } },
      attributes: ["revision", "inverse", "receivedAt"],
      order: [["revision", "DESC"]],
      transaction,
    });
    const newest = edits[0];
    if (!newest || !isOld(newest, now)) return false;
    const kept = endsOfDays(edits, end.document as Investigation);
    await KeptState.bulkCreate(
      kept.map((state) => ({ investigationId, ...state })),
      { ignoreDuplicates: true, transaction },
    );
    await thinOut(investigationId, from, end.revision, transaction);
    await stored.update({ foldedTo: end.revision }, { silent: true, transaction });
    return true;
  });
}

/**
 * Folds what is old into kept states: the log still says who did what and when, and has every typing of every reading; the
 * sheet itself can be looked at as it was at the end of each day, and at each state that was kept.
 */
export async function foldOld(now = new Date()): Promise<void> {
  for (const id of await foldable(now)) {
    while (await foldStretch(id, now));
  }
}
