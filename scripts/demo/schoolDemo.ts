/** The demo's classes: two teachers, twenty-eight students, benches in all states. */
import { nanoid } from "nanoid";
import { clampedRule } from "@/investigation/samples/clampedRule";
import { resonatingTube } from "@/investigation/samples/resonatingTube";
import { emptyBrief, noWords } from "@/investigation/model/brief";
import type { Investigation } from "@/investigation/model/investigation";
import type { HandingState } from "@/protocol/handing";
import { openExperiment } from "@/server/benches/benchLists";
import { letFindBenches, setExperiment } from "@/server/benches/experiments";
import { seat } from "@/server/benches/seating";
import { setDue } from "@/server/briefs/terms";
import { archiveClass, makeClass } from "@/server/classes/classes";
import { handIn, openHanding, returnHanding } from "@/server/handing/handings";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { saveEdits } from "@/server/investigations/saveEdits";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";
import { type BenchWork, discussionOf, WorkAtBench } from "./benchWork";
import { criteria, remarkOn } from "./remarksDemo";

interface DemoBench extends BenchWork {
  readonly people: readonly string[];
  /** Minutes since they last did something. */
  readonly ago: number;
  /** How far it went once they had handed it in; left out where they have not. */
  readonly handed?: HandingState;
}

const introduction =
  "A steel rule that is clamped at one end swings the slower the more of it hangs over. Find the stiffness of the steel.";
const toAll =
  "Time at least ten swings, and count from the lowest point. Ask before you change the load.";

const said =
  "The thickness enters with its third power and brings the largest part of the uncertainty.";

const benches: readonly DemoBench[] = [
  { people: ["Ines", "Tobi"], readings: 7, stiffness: 203e9, ago: 3, discussion: said },
  { people: ["Liv", "Anton"], readings: 8, stiffness: 201e9, ago: 1, aside: 7 },
  { people: ["Mina", "Joss", "Pia"], readings: 7, stiffness: 207e9, ago: 2, late: 3 },
  { people: ["Ravi", "Eda"], readings: 6, stiffness: 202e9, ago: 4, handed: "returned" },
  { people: ["Noor", "Sol"], readings: 7, ago: 2, late: 5 },
  {
    people: ["Kai", "Bea"],
    readings: 9,
    stiffness: 204e9,
    ago: 12,
    discussion: said,
    handed: "opened",
  },
  { people: ["Tam", "Ida"], readings: 7, ago: 1, thickness: "0.76", late: 4 },
  { people: ["Oskar", "Lin"], readings: 7, stiffness: 206e9, ago: 6, handed: "handed-in" },
  { people: ["Fay", "Uma", "Jon"], readings: 3, ago: 1 },
  { people: ["Emre", "Zoe"], readings: 8, stiffness: 201e9, ago: 5, late: 2 },
  { people: ["Cem", "Nia"], readings: 1, ago: 9 },
  { people: ["Per", "Yara"], readings: 0, ago: 0 },
];
const withoutBench = ["Dov", "Olu"];

/** Somebody of the demo with whom nobody signs in. */
async function extra(name: string, kind: "teacher" | "student"): Promise<string> {
  const id = nanoid(12);
  const signInName = `${name}.demo`.toLowerCase();
  await models().Person.create({ id, name, kind, signInName, password: "none", demo: true });
  return id;
}

/** Twenty-eight students by their names; those who have accounts of the demo keep them. */
async function students(known: ReadonlyMap<string, string>): Promise<Map<string, string>> {
  const found = new Map<string, string>();
  for (const name of [...benches.flatMap(({ people }) => people), ...withoutBench]) {
    found.set(name, known.get(name) ?? (await extra(name, "student")));
  }
  return found;
}

/** The sheet that the teacher prepared: without readings, its discussion still to be written. */
function prepared(): Investigation {
  const document = clampedRule();
  const block = discussionOf(document);
  if (block !== undefined) Object.assign(document.writeUp.blocks[block] ?? {}, { text: [] });
  const words = { ...noWords, measure: toAll };
  return { ...document, brief: { ...emptyBrief(), introduction, words, criteria } };
}

interface Place {
  readonly classId: string;
  readonly experimentId: string;
}

/** Seats people together, and gives the id of their sheet. */
async function seatTogether(of: Place, ids: readonly string[]): Promise<string> {
  const [first = "", ...others] = ids;
  await seat(of, first, "new bench");
  const opened = await openExperiment(of.experimentId, of.classId);
  const bench = opened.benches.find(({ people }) => people.some(({ id }) => id === first));
  for (const id of others) await seat(of, id, bench?.id ?? "");
  return bench?.investigation ?? "";
}

/** Does at a bench what was done there, as its people would have. */
async function workAt(id: string, people: readonly string[], done: DemoBench, seed: number) {
  const { StoredInvestigation, sequelize } = models();
  const { document } = await StoredInvestigation.findByPk(id, { rejectOnEmpty: true });
  const work = new WorkAtBench(document as Investigation, seed);
  work.work(done);
  const end = new Date(Date.now() - done.ago * 60_000);
  const made = work.madeBy(people, end);
  for (let at = 0; at < made.length;) {
    const author = made[at]?.author ?? "";
    const others = made.findIndex((one, i) => i > at && one.author !== author);
    const until = others < 0 ? made.length : others;
    const edits = made.slice(at, until).map(({ edit }) => edit);
    await saveEdits(id, author, { since: 1_000_000, edits });
    at = until;
  }
  await sequelize.query("update investigations set updated_at = :end where id = :id", {
    replacements: { end, id },
  });
}

/** Sets an experiment that begins with what was prepared; the preparation itself is not kept. */
async function set(classId: string, teacher: string, title: string, document: Investigation) {
  const from = await createInvestigation(teacher, document);
  const experimentId = await setExperiment(classId, title, from);
  await models().StoredInvestigation.destroy({ where: { id: from } });
  return { classId, experimentId };
}

/** Hands in for the first of a bench, and does what a teacher then did. */
async function handOver(sheet: string, student: string, teacher: string, to: HandingState) {
  await handIn(sheet, student);
  if (to === "handed-in") return;
  await openHanding(sheet);
  const { document } = await loadInvestigation(sheet);
  await remarkOn(sheet, teacher, discussionOf(document));
  if (to === "returned") await returnHanding(sheet, teacher);
}

/** Noon, three days from now, by the clock of the class. */
function noonSoon(): string {
  const day = new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10);
  return `${day}T12:00`;
}

async function clampedRules(classId: string, teacher: string, ids: ReadonlyMap<string, string>) {
  const of = await set(classId, teacher, "Stiffness of a clamped rule", prepared());
  for (const [i, bench] of benches.entries()) {
    const people = bench.people.map((name) => ids.get(name) ?? "");
    const sheet = await seatTogether(of, people);
    if (bench.readings > 0) await workAt(sheet, people, bench, i + 1);
    if (bench.handed) await handOver(sheet, people[0] ?? "", teacher, bench.handed);
  }
  await setDue(of, noonSoon());
}

/** An experiment whose benches the students find themselves; most have not yet. */
async function tubes(classId: string, teacher: string, ids: ReadonlyMap<string, string>) {
  const of = await set(classId, teacher, "Sound over water", resonatingTube());
  await letFindBenches(of.experimentId, classId, true);
  for (const name of ["Mina", "Kai"]) await seat(of, ids.get(name) ?? "", "new bench");
}

/** Loads the school of the demo. @param known the ids of those who have accounts of the demo, by name. */
export async function loadSchool(known: ReadonlyMap<string, string>): Promise<void> {
  const { ClassPerson, SchoolClass } = models();
  const greta = known.get("Greta") ?? "";
  const classId = await makeClass(greta, "Physics 11b");
  await SchoolClass.update({ joiningCode: "TIDE4M7K" }, { where: { id: classId } });
  const milo = await extra("Milo", "teacher");
  await ClassPerson.create({ classId, personId: milo, role: "teacher" });
  const ids = await students(known);
  for (const personId of ids.values()) {
    await ClassPerson.create({ classId, personId, role: "student" });
  }
  await tubes(classId, greta, ids);
  await clampedRules(classId, greta, ids);
  const last = await makeClass(greta, "Physics 10c, last year");
  await archiveClass(last, true);
}
