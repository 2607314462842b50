import type { BenchTerms, GivenBrief, OpenedWords, WordPlace } from "@/protocol/briefs";
import { SchoolRefused } from "../accounts/people";
import { models } from "../database/models";
import type { Experiment } from "../database/models/experiment";
import { handedInAs } from "../handing/newestHanding";
import { announceTerms } from "../live/channel";
import { momentOf, timeAt } from "./classClock";
import { plainGiven } from "./givenBrief";

const longestWord = 4000;

const givenOf = ({ brief }: Experiment): GivenBrief => brief ?? plainGiven();

/** What a bench sees of what was given out with its experiment; undefined where no bench works on the investigation. */
export async function termsOf(investigationId: string): Promise<BenchTerms | undefined> {
  const attributes = ["brief", "dueAt"];
  const experiment = { association: "experiment", attributes, include: ["schoolClass"] };
  const bench = await models().Bench.findOne({ where: { investigationId }, include: [experiment] });
  if (!bench?.experiment) return undefined;
  const { introduction, words, criteria, insists, copies, accepted } = givenOf(bench.experiment);
  const { dueAt, schoolClass } = bench.experiment;
  const due = dueAt?.toISOString();
  const timeZone = schoolClass?.timeZone ?? "UTC";
  const order: [string, string][] = [["number", "ASC"]];
  const handings = await models().Handing.findAll({
    where: { benchId: bench.id },
    order,
    include: "by",
  });
  const newest = handings.at(-1);
  return {
    introduction,
    words,
    criteria,
    insists,
    copies,
    valueThen: accepted === "handed-in",
    timeZone,
    revisions: handings.map(({ revision }) => revision),
    ...(due && { due }),
    ...(newest && { handing: handedInAs(newest, accepted) }),
  };
}

/** The words of an experiment as its teachers see them. */
export function openedWords(experiment: Experiment, timeZone: string): OpenedWords {
  const { introduction, words } = givenOf(experiment);
  const { dueAt } = experiment;
  return { introduction, words, due: dueAt ? timeAt(dueAt, timeZone) : "", timeZone };
}

interface OfExperiment {
  readonly classId: string;
  readonly experimentId: string;
}

/** Changes an experiment that nobody else changes meanwhile, and tells the open windows of all its benches. */
async function changed(
  { classId, experimentId }: OfExperiment,
  change: (experiment: Experiment, timeZone: string) => object,
): Promise<void> {
  const { sequelize, Bench, Experiment, SchoolClass } = models();
  await sequelize.transaction(async (transaction) => {
    const held = await Experiment.findByPk(experimentId, { transaction, lock: true });
    if (held?.classId !== classId) throw new SchoolRefused("experiment-gone");
    const { timeZone } = await SchoolClass.findByPk(classId, { transaction, rejectOnEmpty: true });
    await held.update(change(held, timeZone), { transaction });
    const benches = await Bench.findAll({ where: { experimentId }, transaction });
    const sheets = benches.map(({ investigationId }) => investigationId);
    await announceTerms(sheets, transaction);
  });
}

/** Changes the words at one place for all benches. @throws SchoolRefused */
export async function setWordTo(of: OfExperiment, place: WordPlace, text: string): Promise<void> {
  if (text.length > longestWord) throw new SchoolRefused("word-long");
  await changed(of, (experiment) => {
    const given = givenOf(experiment);
    const words = place === "introduction" ? given.words : { ...given.words, [place]: text };
    const introduction = place === "introduction" ? text : given.introduction;
    return { brief: { ...given, words, introduction } };
  });
}

/** Sets until when benches hand in, by the clock of the class; "" for no time. @throws SchoolRefused */
export function setDue(of: OfExperiment, time: string): Promise<void> {
  return changed(of, (_, timeZone) => {
    const dueAt = time === "" ? null : momentOf(time, timeZone);
    if (dueAt === undefined) throw new SchoolRefused("time-wrong");
    return { dueAt };
  });
}
