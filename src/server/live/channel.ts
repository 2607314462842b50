import type { Transaction } from "sequelize";
import { models } from "../database/models";

/** The PostgreSQL channel on which every process hears of new revisions. */
export const liveChannel = "fathom_rule_edits";

/** Tells every process of a new revision, once the transaction is through. */
export async function announce(
  investigationId: string,
  revision: number,
  transaction: Transaction,
): Promise<void> {
  await models().sequelize.query("select pg_notify(:channel, :payload)", {
    replacements: { channel: liveChannel, payload: JSON.stringify({ investigationId, revision }) },
    transaction,
  });
}
