import type { Transaction } from "sequelize";
import { benchSummary } from "@/overview/benchSummary";
import { SchoolRefused } from "../accounts/people";
import { models } from "../database/models";
import type { Bench } from "../database/models/bench";
import { newestInHand } from "../investigations/newestInHand";
import { announceTerms } from "../live/channel";
import { newestHanding } from "./newestHanding";
import { showRemarks } from "../remarks/changeRemarks";
import { putAccepted } from "./putAccepted";

/** The bench that works on a sheet, held until the transaction ends, and its newest handing in. */
async function held(sheet: string, transaction: Transaction) {
  const where = { investigationId: sheet };
  const bench = await models().Bench.findOne({ where, transaction, lock: true });
  if (!bench) throw new SchoolRefused("bench-gone");
  return { bench, newest: await newestHanding(bench.id, transaction) };
}

async function experimentOf({ experimentId }: Bench, transaction: Transaction) {
  return models().Experiment.findByPk(experimentId, { transaction, rejectOnEmpty: true });
}

/** Keeps the state that is handed in, and numbers it. */
async function keptState(sheet: string, insists: boolean, transaction: Transaction): Promise<number> {
  const { KeptState, StoredInvestigation } = models();
  const row = { transaction, lock: true, rejectOnEmpty: true } as const;
  const stored = await StoredInvestigation.findByPk(sheet, row);
  const { held, revision } = await newestInHand(stored, transaction);
  const { document } = held;
  if (insists && benchSummary(document).openMarks > 0) throw new SchoolRefused("marks-open");
  const state = { investigationId: sheet, revision, document };
  await KeptState.upsert(state, { transaction });
  return revision;
} // prettier-ignore

/** Hands in the sheet of a bench for one of its students; its revision is kept. @throws SchoolRefused */
export function handIn(sheet: string, personId: string): Promise<void> {
  return models().sequelize.transaction(async (transaction) => {
    const { bench, newest } = await held(sheet, transaction);
    if (newest && !newest.returnedAt) throw new SchoolRefused("handed-in");
    const { brief, dueAt } = await experimentOf(bench, transaction);
    const revision = await keptState(sheet, brief?.insists ?? false, transaction);
    const late = dueAt !== null && dueAt.getTime() < Date.now();
    const number = (newest?.number ?? 0) + 1;
    const made = { benchId: bench.id, number, revision, handedBy: personId, late };
    await models().Handing.create(made, { transaction });
    if (brief?.accepted === "handed-in") await putAccepted(sheet, personId, brief.values, transaction);
    await announceTerms([sheet], transaction);
  });
} // prettier-ignore

/** Takes back what was handed in, until somebody has opened it. @throws SchoolRefused */
export function takeBack(sheet: string): Promise<void> {
  return models().sequelize.transaction(async (transaction) => {
    const { bench, newest } = await held(sheet, transaction);
    if (!newest || newest.returnedAt) throw new SchoolRefused("not-handed-in");
    const { brief } = await experimentOf(bench, transaction);
    if (newest.openedAt) throw new SchoolRefused("opened");
    if (brief?.accepted === "handed-in") throw new SchoolRefused("value-seen");
    await newest.destroy({ transaction });
    await announceTerms([sheet], transaction);
  });
}

/** Notes that a teacher has opened what was handed in; what is not handed in stays as it is. */
export function openHanding(sheet: string): Promise<void> {
  return models().sequelize.transaction(async (transaction) => {
    const { newest } = await held(sheet, transaction);
    if (!newest || newest.openedAt || newest.returnedAt) return;
    await newest.update({ openedAt: new Date() }, { transaction });
    await announceTerms([sheet], transaction);
  });
}

/** Gives all sheets of an experiment back that are handed in; how many. */
export async function returnAll(
  { classId, experimentId }: { readonly classId: string; readonly experimentId: string },
  personId: string,
): Promise<number> {
  const { Bench, Handing } = models();
  const experiment = { association: "experiment", where: { classId }, attributes: [] };
  const benches = await Bench.findAll({ where: { experimentId }, include: [experiment] });
  let count = 0;
  for (const { id, investigationId } of benches) {
    if ((await Handing.count({ where: { benchId: id, returnedAt: null } })) === 0) continue;
    await returnHanding(investigationId, personId);
    count++;
  }
  return count;
}

/** Gives a sheet back to its bench. @throws SchoolRefused where it is not handed in */
export function returnHanding(sheet: string, personId: string): Promise<void> {
  return models().sequelize.transaction(async (transaction) => {
    const { bench, newest } = await held(sheet, transaction);
    if (!newest || newest.returnedAt) throw new SchoolRefused("not-handed-in");
    const { brief } = await experimentOf(bench, transaction);
    const now = new Date();
    await newest.update({ openedAt: newest.openedAt ?? now, returnedAt: now }, { transaction });
    await showRemarks(newest.benchId, transaction);
    if (brief?.accepted === "returned") await putAccepted(sheet, personId, brief.values, transaction);
    await announceTerms([sheet], transaction);
  });
} // prettier-ignore
