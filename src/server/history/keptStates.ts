import type { Transaction } from "sequelize";
import { models } from "../database/models";

/** A state is kept about every so many revisions. */
export const statesEvery = 500;

/** Whether a save from one revision to another leads to a state that is kept. */
export const crossesKeptState = (before: number, revision: number): boolean =>
  Math.floor(before / statesEvery) !== Math.floor(revision / statesEvery);

/** Keeps the state that a save led to where another stretch of revisions is full; only there its document is looked at. */
export async function keepState(
  investigationId: string,
  before: number,
  state: { readonly revision: number; readonly document: unknown },
  transaction: Transaction,
): Promise<void> {
  const { revision } = state;
  if (!crossesKeptState(before, revision)) return;
  const { document } = state;
  await models().KeptState.create({ investigationId, revision, document }, { transaction });
}
