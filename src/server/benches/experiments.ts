import { nanoid } from "nanoid";
import type { Transaction } from "sequelize";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { Figure } from "@/investigation/model/figure";
import type { Investigation } from "@/investigation/model/investigation";
import type { ClassHouse } from "@/protocol/classes";
import type { ShownTo } from "@/protocol/overview";
import { SchoolRefused } from "../accounts/people";
import { shownName } from "../accounts/names";
import { wholeHouse } from "../classes/classHouse";
import { models } from "../database/models";
import type { Experiment } from "../database/models/experiment";
import { loadInvestigation } from "../investigations/loadInvestigation";
import { toGive } from "../briefs/givenBrief";
import { announceExperiments } from "../live/channel";
import { endExperiments } from "./leaving";

const longestTitle = 200;

/** A title of an experiment. @throws SchoolRefused where nothing is left of it, or it is too long. */
function requiredTitle(text: string): string {
  const title = shownName(text);
  if (title === "") throw new SchoolRefused("title-missing");
  if (title.length > longestTitle) throw new SchoolRefused("title-long");
  return title;
}

/** An experiment of a class, held until the transaction ends. @throws SchoolRefused where it is not there. */
export async function heldExperiment(
  id: string,
  classId: string,
  transaction: Transaction,
): Promise<Experiment> {
  const found = await models().Experiment.findByPk(id, { transaction, lock: true });
  if (found?.classId !== classId) throw new SchoolRefused("experiment-gone");
  return found;
}

/** An empty sheet under the house rules of a class, its figure in the look of the class. */
function underRules(empty: Investigation, house: ClassHouse): Investigation {
  const { ownLook } = house;
  const looks = (figure: Figure): Figure => ({ ...figure, look: ownLook ?? figure.look });
  const figures = Object.entries(empty.figures).map(([id, figure]) => [id, looks(figure)] as const);
  return { ...empty, ...house, figures: Object.fromEntries(figures) };
}

/**
 * Sets a class an experiment.
 * @param from an investigation that the teacher may read: each bench begins with what was settled in it, without its
 * readings; undefined for an empty sheet under the house rules of the class.
 * @returns its id. @throws SchoolRefused
 */
export async function setExperiment(
  classId: string,
  wanted: string,
  from?: string,
): Promise<string> {
  const { Experiment, SchoolClass } = models();
  const title = requiredTitle(wanted);
  const { house } = await SchoolClass.findByPk(classId, { rejectOnEmpty: true });
  const { pattern, brief } =
    from === undefined
      ? { pattern: underRules(emptyInvestigation(title), wholeHouse(house)), brief: null }
      : toGive((await loadInvestigation(from)).document, title);
  const id = nanoid(12);
  await Experiment.create({ id, classId, title, pattern, brief });
  return id;
}

/** Lets students find their benches themselves, or no longer. @throws SchoolRefused */
export async function letFindBenches(id: string, classId: string, own: boolean): Promise<void> {
  const [count] = await models().Experiment.update({ ownBenches: own }, { where: { id, classId } });
  if (count === 0) throw new SchoolRefused("experiment-gone");
}

/** Says who of the class sees the overview of an experiment beside its teachers. @throws SchoolRefused */
export async function showOverview(id: string, classId: string, shown: ShownTo): Promise<void> {
  await models().sequelize.transaction(async (transaction) => {
    const held = await heldExperiment(id, classId, transaction);
    await held.update({ shown }, { transaction });
    await announceExperiments([id], transaction);
  });
}

/** Ends an experiment: its benches go, and everybody keeps a copy. @throws SchoolRefused */
export async function endExperiment(id: string, classId: string): Promise<void> {
  await models().sequelize.transaction(async (transaction) => {
    await heldExperiment(id, classId, transaction);
    await endExperiments([id], transaction);
  });
}
