import { randomInt } from "node:crypto";
import { nanoid } from "nanoid";
import type { Transaction } from "sequelize";
import { mostAtBench, type Seat, whomBeside } from "@/protocol/classes";
import { SchoolRefused } from "../accounts/people";
import { models } from "../database/models";
import type { Bench } from "../database/models/bench";
import type { Experiment } from "../database/models/experiment";
import { announceExperiments } from "../live/channel";
import { freshWord } from "./benchWords";
import { heldExperiment } from "./experiments";
import { leaveBench } from "./leaving";

/** An experiment of a class. */
export interface OfExperiment {
  readonly classId: string;
  readonly experimentId: string;
}

/** Begins a bench: the least number that is free, a word of its own, and the pattern to work on. */
export async function newBench(experiment: Experiment, transaction: Transaction): Promise<Bench> {
  const { Bench, StoredInvestigation } = models();
  const { id: experimentId, pattern, title } = experiment;
  const there = await Bench.findAll({ where: { experimentId }, transaction });
  const numbers = new Set(there.map(({ number }) => number));
  let number = 1;
  while (numbers.has(number)) number++;
  const investigationId = nanoid(12);
  const begun = { id: investigationId, title, revision: 0, document: pattern };
  await StoredInvestigation.create(begun, { transaction });
  const word = freshWord(new Set(there.map((bench) => bench.word)));
  const made = { id: nanoid(12), experimentId, number, word, investigationId };
  return Bench.create(made, { transaction });
}

async function benchAt(experimentId: string, place: string, transaction: Transaction) {
  const { Bench, BenchPerson } = models();
  const beside = whomBeside(place);
  const where = { experimentId, personId: beside ?? "" };
  const sat = beside === undefined ? null : await BenchPerson.findOne({ where, transaction });
  const bench = await Bench.findByPk(sat?.benchId ?? place, { transaction });
  if (bench?.experimentId !== experimentId) throw new SchoolRefused("bench-gone");
  return bench;
}

async function student(classId: string, personId: string, transaction: Transaction) {
  const where = { classId, personId, role: "student" };
  const found = await models().ClassPerson.findOne({ where, transaction });
  if (!found) throw new SchoolRefused("not-in-class");
}

/** Seats a student of the class, whose experiment is held; they leave the bench where they were. */
async function seatAt(
  experiment: Experiment,
  personId: string,
  place: Seat,
  transaction: Transaction,
): Promise<void> {
  const { BenchPerson, StoredInvestigation } = models();
  const { id: experimentId, classId } = experiment;
  await student(classId, personId, transaction);
  const wanted =
    place === "new bench" ? undefined : await benchAt(experimentId, place, transaction);
  const before = await BenchPerson.findOne({ where: { experimentId, personId }, transaction });
  if (before && before.benchId === wanted?.id) return;
  if (wanted) {
    const there = await BenchPerson.count({ where: { benchId: wanted.id }, transaction });
    if (there >= mostAtBench) throw new SchoolRefused("bench-full");
  }
  if (before) await leaveBench({ benchId: before.benchId, personId, copy: true }, transaction);
  const { id: benchId, investigationId: id } = wanted ?? (await newBench(experiment, transaction));
  await BenchPerson.create({ experimentId, personId, benchId }, { transaction });
  const kept = { where: { id }, silent: true, transaction };
  await StoredInvestigation.update({ deletedAt: null }, kept);
}

/** Does something with an experiment that nobody else changes meanwhile. */
function holding<Done>(
  { classId, experimentId }: OfExperiment,
  work: (experiment: Experiment, transaction: Transaction) => Promise<Done>,
): Promise<Done> {
  return models().sequelize.transaction(async (transaction) => {
    const done = await work(await heldExperiment(experimentId, classId, transaction), transaction);
    await announceExperiments([experimentId], transaction);
    return done;
  });
}

/** Takes a student from their bench; they keep a copy of what it did. */
async function unseat(experimentId: string, personId: string, transaction: Transaction) {
  const where = { experimentId, personId };
  const found = await models().BenchPerson.findOne({ where, transaction });
  if (found) await leaveBench({ benchId: found.benchId, personId, copy: true }, transaction);
}

/** Seats a student; @throws SchoolRefused where the bench is full or gone, or they are not in the class. */
export function seat(of: OfExperiment, personId: string, place: Seat): Promise<void> {
  return holding(of, (experiment, transaction) =>
    place === "no bench"
      ? unseat(experiment.id, personId, transaction)
      : seatAt(experiment, personId, place, transaction),
  );
}

/** The students of the class who sit at no bench of the experiment yet. */
async function unseated({ id, classId }: Experiment, transaction: Transaction): Promise<string[]> {
  const { BenchPerson, ClassPerson } = models();
  const order: [string, string][] = [["joinedAt", "ASC"]];
  const all = await ClassPerson.findAll({ where: { classId, role: "student" }, order, transaction });
  const seated = await BenchPerson.findAll({ where: { experimentId: id }, transaction });
  const there = new Set(seated.map(({ personId }) => personId));
  return all.map(({ personId }) => personId).filter((personId) => !there.has(personId));
} // prettier-ignore

async function seatTogether(
  experiment: Experiment,
  people: readonly string[],
  transaction: Transaction,
): Promise<void> {
  const { id: experimentId } = experiment;
  const { id: benchId } = await newBench(experiment, transaction);
  const rows = people.map((personId) => ({ experimentId, personId, benchId }));
  await models().BenchPerson.bulkCreate(rows, { transaction });
}

/** Seats each student who has no bench yet at one of their own. */
export function seatEachAlone(of: OfExperiment): Promise<void> {
  return holding(of, async (experiment, transaction) => {
    for (const one of await unseated(experiment, transaction)) {
      await seatTogether(experiment, [one], transaction);
    }
  });
}

/** The people in an order by chance. */
function shuffled(people: readonly string[]): string[] {
  const order = [...people];
  for (let left = order.length; left > 1; left--) {
    const chosen = randomInt(left);
    [order[left - 1], order[chosen]] = [order[chosen] as string, order[left - 1] as string];
  }
  return order;
}

/** Twos in the order of the people; an odd one makes the last a three. */
export function inTwos(people: readonly string[]): string[][] {
  const twos: string[][] = [];
  for (let at = 0; at < people.length; at += 2) twos.push(people.slice(at, at + 2));
  const last = twos.at(-1);
  if (last?.length === 1 && twos.length > 1) twos.splice(-2, 2, [...(twos.at(-2) ?? []), ...last]);
  return twos;
}

/** Seats those who have no bench yet as they sit in another experiment of the class. */
export function seatAsIn(of: OfExperiment, otherId: string): Promise<void> {
  return holding(of, async (experiment, transaction) => {
    const { Bench, BenchPerson, Experiment } = models();
    const other = { id: otherId, classId: of.classId };
    if (!(await Experiment.findOne({ where: other, transaction }))) {
      throw new SchoolRefused("experiment-gone");
    }
    const experimentId = otherId;
    const order: [string, string][] = [["number", "ASC"]];
    const benches = await Bench.findAll({ where: { experimentId }, order, transaction });
    const there = await BenchPerson.findAll({ where: { experimentId }, transaction });
    const waiting = new Set(await unseated(experiment, transaction));
    for (const { id } of benches) {
      const people = there.filter(({ benchId }) => benchId === id).map(({ personId }) => personId);
      const coming = people.filter((person) => waiting.has(person));
      if (coming.length > 0) await seatTogether(experiment, coming, transaction);
    }
  });
}

/** Seats those who have no bench yet in twos, by chance. */
export function seatInTwos(of: OfExperiment): Promise<void> {
  return holding(of, async (experiment, transaction) => {
    for (const two of inTwos(shuffled(await unseated(experiment, transaction)))) {
      await seatTogether(experiment, two, transaction);
    }
  });
}
