import { UniqueConstraintError } from "sequelize";
import { type RecordingChange, type RecordingEntry, recordingLimits } from "@/protocol/recordings";
import { models } from "../database/models";
import type { Recording } from "../database/models/recording";
import { BodyRefused } from "../requests/readBody";
import { sealTail } from "./parts";

const entryOf = ({ id, readings, begunAt, stoppedAt, description }: Recording): RecordingEntry => ({
  ...description,
  id,
  readings,
  begunAt: begunAt.toISOString(),
  stopped: stoppedAt !== null,
});

/** The recordings of an investigation, the first one first. */
export async function recordingsOf(investigationId: string): Promise<RecordingEntry[]> {
  const order: [string, string][] = [["begunAt", "ASC"]];
  const all = await models().Recording.findAll({ where: { investigationId }, order });
  return all.map(entryOf);
}

/** One recording of an investigation; undefined where it has none such. */
export async function recordingOf(
  investigationId: string,
  id: string,
): Promise<Recording | undefined> {
  return (await models().Recording.findOne({ where: { investigationId, id } })) ?? undefined;
}

async function begin(
  investigationId: string,
  begunBy: string,
  { id, description }: Extract<RecordingChange, { kind: "begin" }>,
): Promise<void> {
  const { Recording: Table } = models();
  if (await recordingOf(investigationId, id)) return;
  if ((await Table.count({ where: { investigationId } })) >= recordingLimits.ofInvestigation) {
    throw new BodyRefused(413, "too many recordings");
  }
  try {
    await Table.create({ id, investigationId, begunBy, description });
  } catch (error) {
    if (!(error instanceof UniqueConstraintError)) throw error;
    if (!(await recordingOf(investigationId, id))) throw new BodyRefused(400, "this id is taken");
  }
}

/** Nothing is added from then on; what came last becomes a chunk. */
async function stop(investigationId: string, id: string): Promise<void> {
  const { sequelize, Recording: Table } = models();
  await sequelize.transaction(async (transaction) => {
    const where = { investigationId, id };
    const found = await Table.findOne({ where, transaction, lock: true });
    if (!found || found.stoppedAt) return;
    await sealTail(found, transaction);
    await found.update({ stoppedAt: new Date() }, { transaction });
  });
}

/** Begins, stops or removes a recording of an investigation; what was done already is done. */
export async function changeRecordings(
  investigationId: string,
  personId: string,
  change: RecordingChange,
): Promise<void> {
  const { id } = change;
  if (change.kind === "begin") await begin(investigationId, personId, change);
  else if (change.kind === "stop") await stop(investigationId, id);
  else await models().Recording.destroy({ where: { investigationId, id } });
} // prettier-ignore
