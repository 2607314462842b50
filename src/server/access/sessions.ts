import { nanoid } from "nanoid";
import type { WhereOptions } from "sequelize";
import { models } from "../database/models";
import type { Session } from "../database/models/session";
import { announceSignedOut } from "../live/channel";
import { freshToken, hashOfToken } from "./tokens";
import { type SignedIn, whoAsks } from "./whoAsks";

const daysKept = 30;

/**
 * Opens a session; the token goes to the browser's cookie, its hash to the database.
 * @param browser what its person knows the browser by, "Firefox on Windows".
 */
export async function openSession(
  personId: string,
  browser = "",
): Promise<{ token: string; expiresAt: Date }> {
  const { Session } = models();
  const token = freshToken();
  const expiresAt = new Date(Date.now() + daysKept * 86_400_000);
  await Session.create({
    tokenHash: hashOfToken(token),
    personId,
    expiresAt,
    id: nanoid(16),
    browser,
  });
  return { token, expiresAt };
}

/** Ends a session, wherever its cookie still is. */
export async function closeSession(token: string): Promise<void> {
  const found = await models().Session.findByPk(hashOfToken(token));
  if (found) await endSessionsOf(found.personId, { tokenHash: found.tokenHash });
}

/** Ends sessions of a person; what is open in those browsers closes. */
export async function endSessionsOf(
  personId: string,
  which: WhereOptions<Session> = {},
): Promise<void> {
  await models().Session.destroy({ where: { ...which, personId } });
  await announceSignedOut(personId);
}

/** The person behind a token, or undefined when it is unknown or has run out. */
export async function personOf(token: string | undefined): Promise<SignedIn | undefined> {
  return (await whoAsks(token))?.person;
}
