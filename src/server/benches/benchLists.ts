import type {
  ExperimentEntry,
  OpenedBench,
  OpenedExperiment,
  OwnExperiment,
  SeatedBench,
} from "@/protocol/classes";
import { openedWords } from "../briefs/terms";
import { SchoolRefused } from "../accounts/people";
import { models } from "../database/models";
import { fromDatabase, readAside, type Source } from "../database/replica";
import type { Bench } from "../database/models/bench";
import { handedInAs } from "../handing/newestHanding";
import { daysKept } from "../investigations/listShelf";

/** A bench with its people and what is known of its sheet, without the sheet itself. Sequelize writes into what it is given. */
const withPeople = () => [
  { association: "people", include: ["person"] },
  { association: "investigation", attributes: ["id", "revision", "updatedAt", "deletedAt"] },
];

const byName = (a: { readonly name: string }, b: { readonly name: string }) =>
  a.name.localeCompare(b.name, "en");

function peopleOf({ people = [] }: Bench) {
  const found = people.flatMap(({ person }) => (person ? [{ id: person.id, name: person.name }] : []));
  return found.sort(byName);
} // prettier-ignore

/** The newest handing in of a bench, where its handings were asked for. */
function handingOf({ handings = [] }: Bench, accepted: string | undefined) {
  const newest = handings.toSorted((a, b) => b.number - a.number)[0];
  if (!newest) return undefined;
  const { points, lastWord } = newest;
  return { handing: { ...handedInAs(newest, accepted), judged: { points, lastWord } } };
}

/** A bench as its teachers see it; @param accepted when benches see what their results are held against. */
function seated(bench: Bench, accepted: string | undefined): SeatedBench {
  const { id, number, word, investigationId, investigation } = bench;
  const own = { id, number, word, investigation: investigationId, people: peopleOf(bench) };
  const shown = { ...own, ...handingOf(bench, accepted) };
  if (!investigation || investigation.revision === 0) return shown;
  const { updatedAt, deletedAt } = investigation;
  const goes = deletedAt && new Date(deletedAt.getTime() + daysKept * 86_400_000);
  const changedAt = updatedAt.toISOString();
  return { ...shown, changedAt, ...(goes && { goesAt: goes.toISOString() }) };
}

/** The bench that works on an investigation; undefined where none does. */
export async function benchOf(investigationId: string): Promise<OpenedBench | undefined> {
  const where = { investigationId };
  const include = [...withPeople(), { association: "experiment", include: ["schoolClass"] }];
  const bench = await models().Bench.findOne({ where, include });
  if (!bench) return undefined;
  const className = bench.experiment?.schoolClass?.name ?? "";
  return { number: bench.number, people: peopleOf(bench), className };
}

/** The benches of the same experiment before and after the one that works on an investigation. */
export async function neighboursOf(
  investigationId: string,
): Promise<NonNullable<OpenedBench["neighbours"]>> {
  const { Bench } = models();
  const own = await Bench.findOne({ where: { investigationId } });
  if (!own) return {};
  const order: [string, string][] = [["number", "ASC"]];
  const all = await Bench.findAll({ where: { experimentId: own.experimentId }, order });
  const at = all.findIndex(({ id }) => id === own.id);
  const bench = (one: Bench | undefined) =>
    one && { number: one.number, investigation: one.investigationId };
  const [previous, next] = [bench(all[at - 1]), bench(all[at + 1])];
  return { ...(previous && { previous }), ...(next && { next }) };
}

/** The experiments of a class, the newest first. */
export async function experimentsOf(classId: string): Promise<ExperimentEntry[]> {
  const found = await models().Experiment.findAll({
    where: { classId },
    attributes: ["id", "title"],
    order: [["createdAt", "DESC"]],
  });
  return found.map(({ id, title }) => ({ id, title }));
}

/** An experiment with its benches, by their numbers. @throws SchoolRefused where the class has none by that id. */
export async function openExperiment(
  id: string,
  classId: string,
  source: Source = fromDatabase,
): Promise<OpenedExperiment> {
  const { Bench, ClassPerson, Experiment } = models();
  const attributes = ["id", "title", "ownBenches", "brief", "dueAt"];
  const include = "schoolClass";
  const found = await Experiment.findOne({
    where: { id, classId },
    attributes,
    include,
    ...source,
  });
  if (!found) throw new SchoolRefused("experiment-gone");
  const benches = await Bench.findAll({
    where: { experimentId: id },
    include: [...withPeople(), { association: "handings", include: ["by"] }],
    order: [["number", "ASC"]],
    ...source,
  });
  const where = { classId, role: "student" };
  const students = await ClassPerson.findAll({ where, include: "person", ...source });
  const there = new Set(benches.flatMap((bench) => peopleOf(bench).map((one) => one.id)));
  const unseated = students.flatMap(({ person }) =>
    person && !there.has(person.id) ? [{ id: person.id, name: person.name }] : [],
  );
  const { title, ownBenches } = found;
  return {
    id,
    title,
    ownBenches,
    wording: openedWords(found, found.schoolClass?.timeZone ?? "UTC"),
    benches: benches.map((bench) => seated(bench, found.brief?.accepted)),
    unseated: unseated.sort(byName),
  };
}

/** The experiments of a student's classes that go on, and those where they sit; the newest first. */
export const experimentsFor = (personId: string): Promise<OwnExperiment[]> =>
  readAside((source) => readExperimentsFor(personId, source));

async function readExperimentsFor(personId: string, source: Source): Promise<OwnExperiment[]> {
  const { Bench, BenchPerson, ClassPerson, Experiment } = models();
  const where = { personId, role: "student" };
  const mine = await ClassPerson.findAll({ where, attributes: ["classId"], ...source });
  const found = await Experiment.findAll({
    where: { classId: mine.map(({ classId }) => classId) },
    attributes: ["id", "title", "ownBenches", "shown"],
    include: "schoolClass",
    order: [["createdAt", "DESC"]],
    ...source,
  });
  const seats = await BenchPerson.findAll({ where: { personId }, ...source });
  const ids = seats.map(({ benchId }) => benchId);
  const benches = await Bench.findAll({ where: { id: ids }, include: withPeople(), ...source });
  const at = new Map(benches.map((bench) => [bench.experimentId, bench]));
  return found.flatMap(({ id, title, ownBenches, shown, schoolClass }) => {
    const bench = at.get(id);
    if (!schoolClass || (schoolClass.archivedAt !== null && !bench)) return [];
    const entry = { id, title, ownBenches, className: schoolClass.name, shown: shown !== "no" };
    return [bench ? { ...entry, bench: ownBench(bench, personId) } : entry];
  });
}

function ownBench(bench: Bench, personId: string): NonNullable<OwnExperiment["bench"]> {
  const { number, word, investigationId, investigation } = bench;
  const others = peopleOf(bench).filter(({ id }) => id !== personId);
  return {
    number,
    word,
    investigation: investigationId,
    others: others.map(({ name }) => name),
    changedAt: investigation?.updatedAt.toISOString() ?? "",
  };
}
