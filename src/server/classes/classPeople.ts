import type { Transaction } from "sequelize";
import type { GivenPassword } from "@/protocol/classes";
import { demoMode } from "../access/demoMode";
import { endSessionsOf } from "../access/sessions";
import { leaveBenches } from "../benches/leaving";
import { announceExperiments, announceRights } from "../live/channel";
import { signInNameFrom } from "../accounts/names";
import { SchoolRefused, hashed, requiredName } from "../accounts/people";
import { models } from "../database/models";
import type { Person } from "../database/models/person";
import { firstPasswordText } from "./firstPassword";

/** A student of a class. @throws SchoolRefused where there is none by that id, or they are of the demo. */
async function studentOf(classId: string, personId: string): Promise<Person> {
  const where = { classId, personId, role: "student" };
  const found = await models().ClassPerson.findOne({ where, include: "person" });
  if (!found?.person) throw new SchoolRefused("not-in-class");
  if (found.person.demo) throw new SchoolRefused("demo");
  return found.person;
}

/** Gives a student another name for others to see. @throws SchoolRefused */
export async function renameStudent(
  classId: string,
  personId: string,
  wanted: string,
): Promise<void> {
  const person = await studentOf(classId, personId);
  await person.update({ name: requiredName(wanted) });
}

/** Lets a teacher of this server teach a class too, by the name with which they sign in. @throws SchoolRefused */
export async function addTeacher(classId: string, signInName: string): Promise<void> {
  const where = { signInName: signInNameFrom(signInName), kind: "teacher" };
  const teacher = await models().Person.findOne({ where });
  if (!teacher || (teacher.demo && !demoMode())) throw new SchoolRefused("teacher-unknown");
  const row = { classId, personId: teacher.id, role: "teacher" } as const;
  await models().ClassPerson.upsert(row);
}

/** The sheets of all benches of a class. */
async function sheetsOf(classId: string, transaction: Transaction): Promise<string[]> {
  const { Bench } = models();
  const include = [{ association: "experiment", where: { classId }, attributes: [] }];
  const found = await Bench.findAll({ include, attributes: ["investigationId"], transaction });
  return found.map(({ investigationId }) => investigationId);
}

/**
 * Takes somebody out of a class; they keep their account and copies of what their benches did. The last teacher stays.
 * @throws SchoolRefused
 */
export async function takeOutOfClass(classId: string, personId: string): Promise<void> {
  const { sequelize, ClassPerson, Experiment, SchoolClass } = models();
  await sequelize.transaction(async (transaction) => {
    await SchoolClass.findByPk(classId, { transaction, lock: true });
    const found = await ClassPerson.findOne({ where: { classId, personId }, transaction });
    if (!found) throw new SchoolRefused("not-in-class");
    const teachers = { where: { classId, role: "teacher" }, transaction };
    if (found.role === "teacher" && (await ClassPerson.count(teachers)) === 1) {
      throw new SchoolRefused("last-teacher");
    }
    await found.destroy({ transaction });
    await leaveBenches(personId, true, transaction, classId);
    if (found.role === "teacher")
      await announceRights(await sheetsOf(classId, transaction), transaction);
    const all = await Experiment.findAll({ where: { classId }, attributes: ["id"], transaction });
    await announceExperiments(
      all.map(({ id }) => id),
      transaction,
    );
  });
}

/**
 * Gives a student a new first password, shown once; wherever they are signed in they are no longer.
 * @throws SchoolRefused
 */
export async function giveFirstPassword(
  classId: string,
  personId: string,
  address: string,
): Promise<GivenPassword> {
  const person = await studentOf(classId, personId);
  const password = firstPasswordText();
  await person.update({ password: await hashed(password, address), firstPassword: true });
  await endSessionsOf(personId);
  return { signInName: person.signInName, password };
}
