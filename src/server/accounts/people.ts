import { nanoid } from "nanoid";
import { type Transaction, UniqueConstraintError } from "sequelize";
import type { SchoolFault, NewAccount, PersonKind } from "@/protocol/accounts";
import { inTurn, QueueFull } from "../access/hashing";
import { hashPassword } from "../access/password";
import { models } from "../database/models";
import { isSignInName, longestName, shownName, signInNameFrom } from "./names";
import { passwordFault } from "./passwordRules";

/** What can't be begun, with the reason. */
export class SchoolRefused extends Error {
  constructor(readonly fault: SchoolFault) {
    super(fault);
  }
}

/** A new password as it is kept. @throws SchoolRefused where too many wait for theirs. */
export async function hashed(password: string, address: string): Promise<string> {
  try {
    return await inTurn(address, () => hashPassword(password));
  } catch (error) {
    throw error instanceof QueueFull ? new SchoolRefused("crowded") : error;
  }
}

/** A name that others see, or that a class has. @throws SchoolRefused where nothing is left of it, or it is too long. */
export function requiredName(text: string): string {
  const name = shownName(text);
  if (name === "") throw new SchoolRefused("name-missing");
  if ([...name].length > longestName) throw new SchoolRefused("name-long");
  return name;
}

/** What somebody chose for a new account, checked. @throws SchoolRefused with the first thing that is wrong. */
export function checkedAccount(wanted: NewAccount): NewAccount {
  const name = requiredName(wanted.name);
  const signInName = signInNameFrom(wanted.signInName);
  const password = wanted.password.slice(0, 500);
  if (!isSignInName(signInName)) throw new SchoolRefused("sign-in-name-form");
  const fault = passwordFault(password, [name, signInName]);
  if (fault) throw new SchoolRefused(fault);
  return { name, signInName, password };
}

/** Puts a person into the database, their password hashed already. @throws SchoolRefused where the name is taken. */
export async function createPerson(
  kind: PersonKind,
  { name, signInName, password }: NewAccount,
  transaction: Transaction,
): Promise<string> {
  const id = nanoid(12);
  try {
    await models().Person.create({ id, kind, name, signInName, password }, { transaction });
    return id;
  } catch (error) {
    throw error instanceof UniqueConstraintError ? new SchoolRefused("sign-in-name-taken") : error;
  }
}
