import { Op } from "sequelize";
import type { NewAccount } from "@/protocol/accounts";
import { freshToken, hashOfToken } from "../access/tokens";
import { models } from "../database/models";
import { SchoolRefused, checkedAccount, createPerson, hashed, requiredName } from "./people";

/** An invitation is good for so many days. */
const daysValid = 7;

/** Invites somebody to teach here; the token goes into a link, its hash to the database. */
export async function invite(name: string, invitedBy: string | null): Promise<string> {
  const shown = requiredName(name);
  const token = freshToken();
  await models().Invitation.create({
    tokenHash: hashOfToken(token),
    name: shown,
    invitedBy,
    expiresAt: new Date(Date.now() + daysValid * 86_400_000),
  });
  return token;
}

const stillGood = (token: string) => ({
  tokenHash: hashOfToken(token),
  usedAt: null,
  expiresAt: { [Op.gt]: new Date() },
});

/** The name that an invitation was made out to; undefined where it was used, has run out, or never was. */
export async function invitedName(token: string): Promise<string | undefined> {
  const found = await models().Invitation.findOne({ where: stillGood(token) });
  return found?.name;
}

/**
 * Begins the account of somebody who was invited, once for each invitation.
 * @returns the person's id. @throws SchoolRefused with what is wrong; the invitation then stays good.
 */
export async function acceptInvitation(
  token: string,
  wanted: NewAccount,
  address: string,
): Promise<string> {
  const { sequelize, Invitation } = models();
  if ((await invitedName(token)) === undefined) throw new SchoolRefused("invitation-gone");
  const account = checkedAccount(wanted);
  const password = await hashed(account.password, address);
  return sequelize.transaction(async (transaction) => {
    const used = { usedAt: new Date() };
    const [taken] = await Invitation.update(used, { where: stillGood(token), transaction });
    if (taken === 0) throw new SchoolRefused("invitation-gone");
    return createPerson("teacher", { ...account, password }, transaction);
  });
}

/** Begins the account of a teacher on a server that is open to all. @throws SchoolRefused */
export async function registerTeacher(wanted: NewAccount, address: string): Promise<string> {
  const account = checkedAccount(wanted);
  const password = await hashed(account.password, address);
  return models().sequelize.transaction((transaction) =>
    createPerson("teacher", { ...account, password }, transaction),
  );
}
