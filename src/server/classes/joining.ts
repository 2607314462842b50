import type { NewAccount } from "@/protocol/accounts";
import { countTry, forgiveTries } from "../access/attempts";
import { SchoolRefused, checkedAccount, createPerson, hashed } from "../accounts/people";
import { models } from "../database/models";
import type { SchoolClass } from "../database/models/schoolClass";
import { codeFrom } from "./joiningCode";

/** Codes are guessed under this name: so many tries from one address. */
const guessing = "a joining code";

/** The class that a code opens; wrong codes count as tries of their address. @throws SchoolRefused */
async function classByCode(code: string, address: string): Promise<SchoolClass> {
  if ((await countTry(guessing, address)) !== undefined) throw new SchoolRefused("too-many");
  const found = await models().SchoolClass.findOne({
    where: { joiningCode: codeFrom(code), joiningOpen: true, archivedAt: null },
  });
  if (!found) throw new SchoolRefused("code-wrong");
  await forgiveTries(guessing, address);
  return found;
}

/** The name of the class that a code opens. @throws SchoolRefused */
export async function nameByCode(code: string, address: string): Promise<string> {
  return (await classByCode(code, address)).name;
}

/** Joins a class with an account that is there; one who is in it already stays as they are. @throws SchoolRefused */
export async function joinClass(personId: string, code: string, address: string): Promise<void> {
  const { id: classId } = await classByCode(code, address);
  await models().ClassPerson.findOrCreate({
    where: { classId, personId },
    defaults: { classId, personId, role: "student" },
  });
}

/** Begins a student's account in a class. @returns the person's id. @throws SchoolRefused */
export async function joinAsNew(
  code: string,
  wanted: NewAccount,
  address: string,
): Promise<string> {
  const { sequelize, ClassPerson } = models();
  const { id: classId } = await classByCode(code, address);
  const account = checkedAccount(wanted);
  const password = await hashed(account.password, address);
  return sequelize.transaction(async (transaction) => {
    const personId = await createPerson("student", { ...account, password }, transaction);
    await ClassPerson.create({ classId, personId, role: "student" }, { transaction });
    return personId;
  });
}
