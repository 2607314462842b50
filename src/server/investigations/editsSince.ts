import type { Patch } from "immer";
import { Op, type Transaction } from "sequelize";
import { models } from "../database/models";

/** An edit as it stands in the log. */
export interface LoggedEdit {
  readonly revision: number;
  readonly id: string;
  readonly act: string;
  readonly patches: readonly Patch[];
  /** Whether it took the place of what somebody else had done meanwhile. */
  readonly replaces?: boolean;
}

/** The edits behind a revision, oldest first. */
export async function editsSince(
  investigationId: string,
  since: number,
  transaction?: Transaction,
): Promise<LoggedEdit[]> {
  const found = await models().StoredEdit.findAll({
    where: { investigationId, revision: { [Op.gt]: since } },
    attributes: ["revision", "id", "act", "patches", "replaces"],
    order: [["revision", "ASC"]],
    transaction,
  });
  return found.map(({ revision, id, act, patches, replaces }) => ({
    revision,
    id,
    act,
    patches,
    ...(replaces && { replaces }),
  }));
}
