import { nanoid } from "nanoid";
import type { Transaction } from "sequelize";
import type { Investigation } from "@/investigation/model/investigation";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { announceEdits } from "../live/channel";
import { wholeDocument } from "../investigations/wholeDocument";
import { keepState } from "./keptStates";

/** Finds the state to go back to; undefined where there is none. */
type Finding = (
  stored: Pick<StoredInvestigation, "id" | "document">,
  transaction: Transaction,
) => Promise<{ readonly document: Investigation } | undefined>;

/**
 * Goes back to an earlier state as an edit like any other: the log keeps what was, and open windows hear of it. The row is
 * held meanwhile, so that no save comes between.
 * @returns whether there was such a state.
 */
export async function goBack(
  investigationId: string,
  authorId: string,
  find: Finding,
): Promise<boolean> {
  const { sequelize, StoredEdit, StoredInvestigation } = models();
  return sequelize.transaction(async (transaction) => {
    const held = { transaction, lock: transaction.LOCK.UPDATE, rejectOnEmpty: true } as const;
    const stored = await StoredInvestigation.findByPk(investigationId, held);
    const whole = await wholeDocument(stored, transaction);
    const found = await find({ id: stored.id, document: whole }, transaction);
    if (!found) return false;
    const { document } = found;
    const before = stored.revision;
    const revision = before + 1;
    await StoredEdit.create(
      {
        investigationId,
        revision,
        authorId,
        id: nanoid(16),
        act: "go-back",
        madeAt: new Date(),
        madeOn: before,
        patches: [{ op: "replace", path: [], value: document }],
        inverse: [{ op: "replace", path: [], value: whole }],
      },
      { transaction },
    );
    const changed = {
      document,
      documentRevision: revision,
      title: document.title,
      revision,
      letters: null,
    };
    await stored.update(changed, { transaction });
    await keepState(investigationId, before, { revision, document }, transaction);
    await announceEdits(investigationId, transaction);
    return true;
  });
}
