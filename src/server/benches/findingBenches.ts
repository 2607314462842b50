import { countTry, forgiveTries } from "../access/attempts";
import { SchoolRefused } from "../accounts/people";
import { models } from "../database/models";
import type { Experiment } from "../database/models/experiment";
import { wordFrom } from "./benchWords";
import { type OfExperiment, seat } from "./seating";

/** Words are guessed under this name: so many tries from one address. */
const guessing = "a bench word";

/** An experiment whose students find their benches themselves, for one of them. @throws SchoolRefused */
async function openExperiment(experimentId: string, personId: string): Promise<OfExperiment> {
  const { ClassPerson, Experiment } = models();
  const found: Experiment | null = await Experiment.findByPk(experimentId, {
    include: "schoolClass",
  });
  const classId = found?.classId ?? "";
  const where = { classId, personId, role: "student" };
  const mine = found && (await ClassPerson.findOne({ where }));
  if (!mine) throw new SchoolRefused("experiment-gone");
  if (!found.ownBenches) throw new SchoolRefused("benches-closed");
  return { classId, experimentId };
}

/** A student begins a bench; others join it by its word. @throws SchoolRefused */
export async function beginBench(experimentId: string, personId: string): Promise<void> {
  await seat(await openExperiment(experimentId, personId), personId, "new bench");
}

/** A student joins a bench by its word; wrong words count as tries of their address. @throws SchoolRefused */
export async function joinBench(
  experimentId: string,
  personId: string,
  { word, address }: { readonly word: string; readonly address: string },
): Promise<void> {
  const of = await openExperiment(experimentId, personId);
  if ((await countTry(guessing, address)) !== undefined) throw new SchoolRefused("too-many");
  const found = await models().Bench.findOne({ where: { experimentId, word: wordFrom(word) } });
  if (!found) throw new SchoolRefused("word-wrong");
  await forgiveTries(guessing, address);
  await seat(of, personId, found.id);
}

/** A student leaves their bench, and keeps a copy of what it did. @throws SchoolRefused */
export async function leaveOwnBench(experimentId: string, personId: string): Promise<void> {
  await seat(await openExperiment(experimentId, personId), personId, "no bench");
}
