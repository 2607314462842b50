import { nanoid } from "nanoid";
import type { Transaction } from "sequelize";
import { copyTitle } from "@/wording/untitled";
import { models } from "../database/models";
import type { StoredInvestigation } from "../database/models/storedInvestigation";
import { wholeDocument } from "../investigations/wholeDocument";
import { announceExperiments, announceRights } from "../live/channel";

/** Whether anything was done with an investigation since it was begun. */
const hasWork = ({ revision }: StoredInvestigation) => revision > 0;

/** Puts a copy of what a bench did on the shelf of one who leaves it, however full that is. */
async function keepCopy(
  stored: StoredInvestigation,
  ownerId: string,
  transaction: Transaction,
): Promise<void> {
  const { title } = stored;
  const document = await wholeDocument(stored, transaction);
  const called = copyTitle(title);
  const copy = { ...(document as object), title: called, brief: null };
  const row = { id: nanoid(12), ownerId, title: called, revision: 0, document: copy };
  await models().StoredInvestigation.create(row, { transaction });
}

interface Leaving {
  readonly benchId: string;
  readonly personId: string;
  /** Whether they get a copy of what the bench did; not where their account goes. */
  readonly copy: boolean;
}

/**
 * Takes somebody from their bench. What the bench did stays with those who remain; with none left it goes after thirty
 * days, and at once where nothing was done. Open windows of the one who left close.
 */
export async function leaveBench(leaving: Leaving, transaction: Transaction): Promise<void> {
  const { Bench, BenchPerson, StoredInvestigation } = models();
  const { benchId, personId, copy } = leaving;
  const bench = await Bench.findByPk(benchId, { transaction, rejectOnEmpty: true });
  const id = bench.investigationId;
  const stored = await StoredInvestigation.findByPk(id, { transaction, rejectOnEmpty: true });
  await BenchPerson.destroy({ where: { benchId, personId }, transaction });
  const work = hasWork(stored);
  if (work && copy) await keepCopy(stored, personId, transaction);
  const left = await BenchPerson.count({ where: { benchId }, transaction });
  if (left === 0 && work) await stored.update({ deletedAt: new Date() }, { transaction, silent: true });
  if (left === 0 && !work) await stored.destroy({ transaction });
  await announceRights([id], transaction);
} // prettier-ignore

/** Takes somebody from all their benches, or from those of one class. */
export async function leaveBenches(
  personId: string,
  copy: boolean,
  transaction: Transaction,
  classId?: string,
): Promise<void> {
  const { BenchPerson, Experiment } = models();
  const found = await BenchPerson.findAll({ where: { personId }, transaction });
  for (const { benchId, experimentId } of found) {
    const held = { transaction, lock: true, rejectOnEmpty: true } as const;
    const experiment = await Experiment.findByPk(experimentId, held);
    if (classId !== undefined && experiment.classId !== classId) continue;
    await leaveBench({ benchId, personId, copy }, transaction);
    await announceExperiments([experimentId], transaction);
  }
}

/** Ends experiments: everybody keeps a copy of what their bench did. */
export async function endExperiments(
  ids: readonly string[],
  transaction: Transaction,
): Promise<void> {
  const { Bench, Experiment, StoredInvestigation } = models();
  await Experiment.findAll({ where: { id: ids }, transaction, lock: true });
  const where = { experimentId: ids };
  const benches = await Bench.findAll({ where, include: ["people", "investigation"], transaction });
  for (const { people = [], investigation } of benches) {
    if (!investigation || !hasWork(investigation)) continue;
    for (const { personId } of people) await keepCopy(investigation, personId, transaction);
  }
  const gone = benches.map(({ investigationId }) => investigationId);
  await StoredInvestigation.destroy({ where: { id: gone }, transaction });
  await Experiment.destroy({ where: { id: ids }, transaction });
  await announceRights(gone, transaction);
  await announceExperiments(ids, transaction);
}
