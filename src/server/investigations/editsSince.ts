import type { Patch } from "immer";
import { Op, type Transaction } from "sequelize";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { models } from "../database/models";
import type { StoredEdit } from "../database/models/storedEdit";
import { foldedTo, isOld } from "../history/folding";

/** An edit as it stands in the log. */
export interface LoggedEdit {
  readonly revision: number;
  readonly id: string;
  readonly act: string;
  readonly patches: readonly Patch[];
  /** Whether it took the place of what somebody else had done meanwhile. */
  readonly replaces?: boolean;
}

const toldOf = (edits: readonly StoredEdit[]): LoggedEdit[] =>
  edits.map(({ revision, id, act, patches, replaces }) => ({
    revision,
    id,
    act,
    patches,
    ...(replaces && { replaces }),
  }));

/** Up to where the log is folded, the sheet whole, as an edit that puts it in the place of what a window has. */
async function foldedState(investigationId: string, transaction?: Transaction) {
  const revision = await foldedTo(investigationId, transaction);
  const where = { investigationId, revision };
  const kept = await models().KeptState.findOne({ where, transaction, rejectOnEmpty: true });
  const upgraded = upgradeInvestigation(kept.document);
  const value = upgraded.kind === "document" ? upgraded.document : kept.document;
  const patches: Patch[] = [{ op: "replace", path: [], value }];
  return { revision, id: `folded-${revision}`, act: "go-back", patches };
}

/**
 * The edits behind a revision, oldest first. Where some of these are folded, the first one stands for all of them: it puts
 * the sheet as it was after them in the place of the whole.
 */
export async function editsSince(
  investigationId: string,
  since: number,
  transaction?: Transaction,
): Promise<LoggedEdit[]> {
  const found = await models().StoredEdit.findAll({
    where: { investigationId, revision: { [Op.gt]: since } },
    attributes: ["revision", "id", "act", "patches", "replaces", "receivedAt"],
    order: [["revision", "ASC"]],
    transaction,
  });
  const first = found[0];
  const folded = first && isOld(first) ? await foldedTo(investigationId, transaction) : 0;
  if (first && first.revision <= folded) {
    const state = await foldedState(investigationId, transaction);
    return [state, ...toldOf(found.filter(({ revision }) => revision > folded))];
  }
  return toldOf(found);
}
