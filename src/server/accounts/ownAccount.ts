import { Op, QueryTypes, type Transaction } from "sequelize";
import type { OwnSession } from "@/protocol/accounts";
import { countTry, forgiveTries, giveTryBack } from "../access/attempts";
import { inTurn, QueueFull } from "../access/hashing";
import { passwordMatches } from "../access/password";
import { endSessionsOf } from "../access/sessions";
import { hashOfToken } from "../access/tokens";
import { endExperiments, leaveBenches } from "../benches/leaving";
import { models } from "../database/models";
import type { Person } from "../database/models/person";
import { passwordFault } from "./passwordRules";
import { SchoolRefused, hashed, requiredName } from "./people";

async function personWith(personId: string): Promise<Person> {
  const person = await models().Person.findByPk(personId, { rejectOnEmpty: true });
  if (person.demo) throw new SchoolRefused("demo");
  return person;
}

/** Asks for the password once more before something that can't be undone; wrong ones count as tries to sign in. */
async function checkPassword(person: Person, password: string, address: string): Promise<void> {
  const { signInName } = person;
  if ((await countTry(signInName, address)) !== undefined) throw new SchoolRefused("too-many");
  const given = password.slice(0, 500);
  try {
    const right = await inTurn(address, () => passwordMatches(given, person.password));
    if (!right) throw new SchoolRefused("password-wrong");
  } catch (error) {
    if (!(error instanceof QueueFull)) throw error;
    await giveTryBack(signInName, address);
    throw new SchoolRefused("crowded");
  }
  await forgiveTries(signInName, address);
}

/** Gives a person another name for others to see. @throws SchoolRefused */
export async function changeName(personId: string, wanted: string): Promise<void> {
  const person = await personWith(personId);
  await person.update({ name: requiredName(wanted) });
}

/** A new password as it will be kept. @throws SchoolRefused where it is too easy. */
function goodPassword({ name, signInName }: Person, fresh: string): string {
  const password = fresh.slice(0, 500);
  const fault = passwordFault(password, [name, signInName]);
  if (fault) throw new SchoolRefused(fault);
  return password;
}

/** Gives a person another password; every other browser is signed out. @throws SchoolRefused */
export async function changePassword(
  personId: string,
  { old, fresh }: { readonly old: string; readonly fresh: string },
  here: { readonly token: string; readonly address: string },
): Promise<void> {
  const person = await personWith(personId);
  const password = goodPassword(person, fresh);
  await checkPassword(person, old, here.address);
  await person.update({ password: await hashed(password, here.address) });
  await endSessionsOf(personId, { tokenHash: { [Op.ne]: hashOfToken(here.token) } });
}

/** Puts a password of one's own in the place of one that was given. @throws SchoolRefused */
export async function replaceFirstPassword(
  personId: string,
  fresh: string,
  address: string,
): Promise<void> {
  const person = await personWith(personId);
  const password = await hashed(goodPassword(person, fresh), address);
  await person.update({ password, firstPassword: false });
}

/** The browsers in which a person is signed in, the one that asks first, then the last seen. */
export async function ownSessions(personId: string, token: string): Promise<OwnSession[]> {
  const found = await models().Session.findAll({
    where: { personId, expiresAt: { [Op.gt]: new Date() } },
    order: [["seenAt", "DESC"]],
  });
  const mine = hashOfToken(token);
  const all = found.map(({ id, browser, openedAt, seenAt, tokenHash }) => ({
    id,
    browser,
    openedAt: openedAt.toISOString(),
    seenAt: seenAt.toISOString(),
    here: tokenHash === mine,
  }));
  return [...all.filter(({ here }) => here), ...all.filter(({ here }) => !here)];
}

/** Signs a person out elsewhere: in one browser by its id, or in all but the one that asks. */
export async function endSessions(
  personId: string,
  token: string,
  which: string | "others",
): Promise<void> {
  const elsewhere = { tokenHash: { [Op.ne]: hashOfToken(token) } };
  await endSessionsOf(personId, which === "others" ? elsewhere : { ...elsewhere, id: which });
}

/** The classes that have no other teacher. */
async function taughtAlone(personId: string, transaction: Transaction): Promise<string[]> {
  const found = await models().sequelize.query<{ id: string }>(
    `select class_id as id from class_people where role = 'teacher'
     group by class_id having count(*) = 1 and min(person_id) = :personId`,
    { replacements: { personId }, type: QueryTypes.SELECT, transaction },
  );
  return found.map(({ id }) => id);
}

/** A class ends with its last teacher: its students keep copies of what their benches did. */
async function endClasses(ids: readonly string[], transaction: Transaction): Promise<void> {
  const { Experiment, SchoolClass } = models();
  const where = { classId: ids };
  const found = await Experiment.findAll({ where, attributes: ["id"], transaction });
  await endExperiments(
    found.map(({ id }) => id),
    transaction,
  );
  await SchoolClass.destroy({ where: { id: ids }, transaction });
}

/**
 * Takes a person away for good, with all investigations of their own. What they did at a bench stays with the others
 * there; a class that they teach alone ends.
 * @throws SchoolRefused
 */
export async function deleteAccount(
  personId: string,
  password: string,
  address: string,
): Promise<void> {
  const person = await personWith(personId);
  await checkPassword(person, password, address);
  const { sequelize, StoredInvestigation } = models();
  await sequelize.transaction(async (transaction) => {
    await leaveBenches(personId, false, transaction);
    await endClasses(await taughtAlone(personId, transaction), transaction);
    await StoredInvestigation.destroy({ where: { ownerId: personId }, transaction });
    await person.destroy({ transaction });
  });
}
