import { randomInt } from "node:crypto";
import { mostNamesAtOnce, type GivenAccount } from "@/protocol/classes";
import { shownName } from "../accounts/names";
import { SchoolRefused, createPerson, hashed, requiredName } from "../accounts/people";
import { models } from "../database/models";
import { firstPasswordText } from "./firstPassword";

/** What a name to sign in with begins with: "Zoë Brandt" is zoe.brandt, and what has no letters is "student". */
export function signInNameOf(name: string): string {
  const words = name.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase().split(/[^\p{L}\p{N}]+/u);
  const joined = words.filter(Boolean).join(".").slice(0, 30).replace(/\.$/, "");
  return [...joined].length >= 2 ? joined : `student${joined && `.${joined}`}`;
} // prettier-ignore

const mostTries = 20;

interface FirstPassword {
  readonly password: string;
  /** As the database keeps it. */
  readonly kept: string;
}

/** Makes an account whose name to sign in with nobody has yet. */
async function begun(
  classId: string,
  name: string,
  { password, kept }: FirstPassword,
): Promise<GivenAccount> {
  const { sequelize, ClassPerson, Person } = models();
  const stem = signInNameOf(name);
  for (let tries = 0; ; tries++) {
    const signInName = tries === 0 ? stem : `${stem}${randomInt(2, 10 ** Math.min(2 + tries, 6))}`;
    try {
      return await sequelize.transaction(async (transaction) => {
        const account = { name, signInName, password: kept };
        const personId = await createPerson("student", account, transaction);
        await Person.update({ firstPassword: true }, { where: { id: personId }, transaction });
        await ClassPerson.create({ classId, personId, role: "student" }, { transaction });
        return { name, signInName, password };
      });
    } catch (error) {
      const taken = error instanceof SchoolRefused && error.fault === "sign-in-name-taken";
      if (!taken || tries === mostTries) throw error;
    }
  }
}

/** Begins accounts for students of a class by their names alone, a few at once; the passwords are told this once. @throws SchoolRefused */
export async function beginByNames(
  classId: string,
  names: readonly string[],
  address: string,
): Promise<GivenAccount[]> {
  if (names.length > mostNamesAtOnce) throw new SchoolRefused("list-long");
  const wanted = names.filter((name) => shownName(name) !== "").map(requiredName);
  const passwords = await Promise.all(
    wanted.map(async () => {
      const password = firstPasswordText();
      return { password, kept: await hashed(password, address) };
    }),
  );
  const accounts: GivenAccount[] = [];
  for (const [at, name] of wanted.entries()) {
    accounts.push(await begun(classId, name, passwords[at]!));
  }
  return accounts;
}
