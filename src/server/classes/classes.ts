import { nanoid } from "nanoid";
import { QueryTypes, UniqueConstraintError } from "sequelize";
import { begunIn } from "@/investigation/model/houseRules";
import { houseRulesSchema } from "@/investigation/model/schema";
import type { ClassEntry, ClassHouse, OpenedClass } from "@/protocol/classes";
import { languageOf } from "@/wording/language/languages";
import { spoken } from "@/wording/language/spoken";
import { experimentsOf } from "../benches/benchLists";
import { isTimeZone } from "../briefs/classClock";
import { SchoolRefused, requiredName } from "../accounts/people";
import { models } from "../database/models";
import { loadInvestigation } from "../investigations/loadInvestigation";
import { plainHouse, wholeHouse } from "./classHouse";
import { codeShown, freshCode } from "./joiningCode";

const mostTries = 6;

/** Does something with a joining code that nobody has yet. */
async function withFreshCode<Done>(work: (code: string) => Promise<Done>): Promise<Done> {
  for (let tries = 1; ; tries++) {
    try {
      return await work(freshCode());
    } catch (error) {
      if (!(error instanceof UniqueConstraintError) || tries === mostTries) throw error;
    }
  }
}

/** Makes a class with its first teacher; @param timeZone where its clock hangs. @returns its id. @throws SchoolRefused */
export async function makeClass(
  teacherId: string,
  wanted: string,
  timeZone = "UTC",
): Promise<string> {
  const { sequelize, SchoolClass, ClassPerson } = models();
  const name = requiredName(wanted);
  const id = nanoid(12);
  const houseRules = begunIn(languageOf(spoken()), plainHouse.houseRules);
  const house = { ...plainHouse, houseRules };
  await withFreshCode((joiningCode) =>
    sequelize.transaction(async (transaction) => {
      const row = { id, name, joiningCode, timeZone, house };
      await SchoolClass.create(row, { transaction });
      const first = { classId: id, personId: teacherId, role: "teacher" } as const;
      await ClassPerson.create(first, { transaction });
    }),
  );
  return id;
}

/** Gives a class another name. @throws SchoolRefused */
export async function nameClass(id: string, wanted: string): Promise<void> {
  await models().SchoolClass.update({ name: requiredName(wanted) }, { where: { id } });
}

/** Puts a class by, or takes it up again; one that is put by can't be joined. */
export async function archiveClass(id: string, archived: boolean): Promise<void> {
  const archivedAt = archived ? new Date() : null;
  await models().SchoolClass.update({ archivedAt }, { where: { id } });
}

/** Another joining code: the old one, its link and its picture lead nowhere from now on. */
export async function renewCode(id: string): Promise<void> {
  const { SchoolClass } = models();
  await withFreshCode((joiningCode) => SchoolClass.update({ joiningCode }, { where: { id } }));
}

/** Lets students join by the code, or no longer. */
export async function openJoining(id: string, joiningOpen: boolean): Promise<void> {
  await models().SchoolClass.update({ joiningOpen }, { where: { id } });
}

/** Says by the clock of which zone the times of the class are meant. @throws SchoolRefused where there is no such zone. */
export async function setTimeZone(id: string, timeZone: string): Promise<void> {
  if (!isTimeZone(timeZone)) throw new SchoolRefused("time-zone");
  await models().SchoolClass.update({ timeZone }, { where: { id } });
}

/** Changes what experiments of the class begin with. */
async function changeHouse(id: string, change: Partial<ClassHouse>): Promise<void> {
  const { SchoolClass } = models();
  const { house } = await SchoolClass.findByPk(id, { rejectOnEmpty: true });
  const changed = { ...wholeHouse(house), ...change };
  await SchoolClass.update({ house: changed }, { where: { id } });
}

/** Gives the class its house rules, with which experiments begin. What is none changes nothing. */
export async function setClassRules(id: string, rules: unknown): Promise<void> {
  if (!houseRulesSchema.isValidSync(rules, { strict: true })) return;
  await changeHouse(id, { houseRules: houseRulesSchema.cast(rules, { stripUnknown: true }) });
}

/** Takes the look of an investigation's figures for the class: its own where it keeps one, else that of the first. */
export async function takeLook(id: string, from: string): Promise<void> {
  const { ownLook, figures } = (await loadInvestigation(from)).document;
  const [first] = Object.values(figures).sort((a, b) => (a.order < b.order ? -1 : 1));
  await changeHouse(id, { ownLook: ownLook ?? first?.look ?? null });
}

/** The classes of a person, those that go on first, by name. */
export async function classesOf(personId: string): Promise<ClassEntry[]> {
  return models().sequelize.query<ClassEntry>(
    `select c.id, c.name, c.archived_at is not null as archived, mine.role,
       (select count(*)::int from class_people p where p.class_id = c.id and p.role = 'student') as students
     from class_people mine join classes c on c.id = mine.class_id
     where mine.person_id = :personId order by archived, lower(c.name), c.id`,
    { replacements: { personId }, type: QueryTypes.SELECT },
  );
}

/** A class with its people, teachers first, by name. */
export async function openClass(id: string): Promise<OpenedClass> {
  const { SchoolClass, ClassPerson } = models();
  const found = await SchoolClass.findByPk(id, { rejectOnEmpty: true });
  const members = await ClassPerson.findAll({ where: { classId: id }, include: "person" });
  const people = members.flatMap(({ role, joinedAt, person }) =>
    person
      ? {
          id: person.id,
          name: person.name,
          signInName: person.signInName,
          role,
          joinedAt: joinedAt.toISOString(),
          firstPassword: person.firstPassword,
        }
      : [],
  );
  const order = { teacher: 0, student: 1 };
  people.sort((a, b) => order[a.role] - order[b.role] || a.name.localeCompare(b.name, "en"));
  return {
    id,
    name: found.name,
    archived: found.archivedAt !== null,
    code: codeShown(found.joiningCode),
    joiningOpen: found.joiningOpen,
    people,
    experiments: await experimentsOf(id),
    house: wholeHouse(found.house),
  };
}
