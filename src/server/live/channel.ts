import type { Transaction } from "sequelize";
import type { Presence } from "@/protocol/presence";
import { models } from "../database/models";
import type { LoggedEdit } from "../investigations/editsSince";

/** The PostgreSQL channel on which every process hears of new revisions. */
export const liveChannel = "fathom_rule_edits";

/** What those wait for who have to know when a person was signed out somewhere. */
export const signedOutKey = (personId: string) => `person/${personId}`;

/** What those wait for who show what a class sees of a sheet. */
export const summaryKey = (investigationId: string) => `summary/${investigationId}`;

/** What those wait for who show the benches of an experiment. */
export const experimentKey = (experimentId: string) => `experiment/${experimentId}`;

/** Tells every process, once the transaction is through where there is one. */
async function tell(payload: object, transaction?: Transaction): Promise<void> {
  await models().sequelize.query("select pg_notify(:channel, :payload)", {
    replacements: { channel: liveChannel, payload: JSON.stringify(payload) },
    transaction,
  });
}

/** Tells every process where windows are on an investigation; it is kept nowhere. */
export function tellPresence(investigationId: string, here: readonly Presence[]): Promise<void> {
  return tell({ investigationId, here });
}

/** Tells every process that a person was signed out somewhere: their open streams look whether they may go on. */
export function announceSignedOut(personId: string): Promise<void> {
  return tell({ personId });
}

/** Tells every process that rights to investigations have changed: open streams look whether they may go on. */
export async function announceRights(
  investigationIds: readonly string[],
  transaction?: Transaction,
): Promise<void> {
  for (const investigationId of investigationIds) {
    await tell({ investigationId, rights: true }, transaction);
  }
}

/** Tells every process that what was given out to benches has changed. */
export async function announceTerms(
  investigationIds: readonly string[],
  transaction: Transaction,
): Promise<void> {
  for (const investigationId of investigationIds) {
    await tell({ investigationId, terms: true }, transaction);
  }
}

/** Tells every process that the benches of experiments have changed, or who may see them. */
export async function announceExperiments(
  experimentIds: readonly string[],
  transaction: Transaction,
): Promise<void> {
  for (const id of experimentIds) await tell({ key: experimentKey(id) }, transaction);
}

/** Edits that one transaction logged, with the revision that they follow. */
export interface News {
  readonly before: number;
  readonly edits: readonly LoggedEdit[];
}

/** Longest notice that PostgreSQL takes, in bytes, is 8000; a longer one says that there is news, not which. */
const longestNotice = 7900;

/** The notice of new edits: what they are where that has room, or that they are there. */
export function noticeOfEdits(investigationId: string, news: News): string {
  const whole = JSON.stringify({ investigationId, news });
  const fits = Buffer.byteLength(whole) <= longestNotice;
  return fits ? whole : JSON.stringify({ investigationId });
}

/** Tells every process that there are new edits, once the transaction is through. */
export function announceEdits(investigationId: string, transaction: Transaction): Promise<void> {
  return tell({ investigationId }, transaction);
}
