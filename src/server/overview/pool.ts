import type { Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { pooled, type PooledBench } from "@/overview/pooled";
import { SchoolRefused } from "../accounts/people";
import { models } from "../database/models";
import { createInvestigation } from "../investigations/createInvestigation";
import { newestInHand } from "../investigations/newestInHand";
import { limits } from "@/investigation/model/limits";

function readPattern(stored: unknown): Investigation {
  const upgraded = upgradeInvestigation(stored);
  if (upgraded.kind !== "document") throw new Error("the pattern of an experiment can't be read");
  return upgraded.document;
}

/**
 * Puts one investigation of all benches of an experiment on the shelf of one of its teachers; its id.
 * @throws SchoolRefused where nothing was read yet, there is more than an investigation holds, or the shelf is full
 */
export async function poolClass(
  experimentId: string,
  classId: string,
  personId: string,
): Promise<string> {
  const { Bench, Experiment } = models();
  const experiment = await Experiment.findOne({ where: { id: experimentId, classId } });
  if (!experiment) throw new SchoolRefused("experiment-gone");
  const benches = await Bench.findAll({
    where: { experimentId },
    include: "investigation",
    order: [["number", "ASC"]],
  });
  const sheets: PooledBench[] = [];
  for (const { number, investigation } of benches) {
    if (investigation) sheets.push({ number, document: (await newestInHand(investigation)).held.document });
  }
  const document = pooled(readPattern(experiment.pattern), sheets, experiment.brief?.values ?? {});
  const [rows, series] = [Object.keys(document.rows), Object.keys(document.series)];
  if (rows.length === 0) throw new SchoolRefused("nothing-to-pool");
  if (rows.length > limits.rows || series.length > limits.series) throw new SchoolRefused("pool-large");
  const id = await createInvestigation(personId, document);
  if (id === undefined) throw new SchoolRefused("shelf-full");
  return id;
} // prettier-ignore
