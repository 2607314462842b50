import { nanoid } from "nanoid";
import type { Transaction } from "sequelize";
import { showAccepted } from "@/investigation/acts/showAccepted";
import { perform } from "@/investigation/history/edit";
import type { AcceptedValue } from "@/investigation/model/result";
import { models } from "../database/models";
import { keepState } from "../history/keptStates";
import { newestInHand } from "../investigations/newestInHand";
import { announceEdits } from "../live/channel";

/**
 * Puts into the sheet of a bench what its results are held against, now that it may see it: an edit like any other, by
 * whoever brought it about. What the bench typed in its place gives way; a result that the bench took away stays away.
 */
export async function putAccepted(
  sheet: string,
  authorId: string,
  values: Readonly<Record<string, AcceptedValue>>,
  transaction: Transaction,
): Promise<void> {
  const { StoredEdit, StoredInvestigation } = models();
  const row = { transaction, lock: true, rejectOnEmpty: true } as const;
  const stored = await StoredInvestigation.findByPk(sheet, row);
  const { document, change } = perform(
    (await newestInHand(stored, transaction)).held.document,
    showAccepted,
    { values },
  );
  if (change.patches.length === 0) return;
  const revision = stored.revision + 1;
  const made = { id: nanoid(16), madeAt: new Date(), madeOn: stored.revision };
  const logged = { investigationId: sheet, revision, authorId, ...made, ...change };
  await StoredEdit.create(logged, { transaction });
  await stored.update(
    { document, documentRevision: revision, revision, letters: null },
    { transaction },
  );
  await keepState(sheet, revision - 1, { revision, document }, transaction);
  await announceEdits(sheet, transaction);
}
