import { nanoid } from "nanoid";
import { Op, type WhereOptions } from "sequelize";
import type { PersonKind } from "@/protocol/accounts";
import { models } from "../database/models";
import type { Session } from "../database/models/session";
import { announceSignedOut } from "../live/channel";
import { demoMode } from "./demoMode";
import { freshToken, hashOfToken } from "./tokens";

/** Who is signed in. */
export interface SignedIn {
  readonly id: string;
  readonly name: string;
  readonly kind: PersonKind;
  /** Their password was given to them: nothing else is done before it is changed. */
  readonly firstPassword: boolean;
  /** Whether the first tour was seen or passed over. */
  readonly toured: boolean;
}

const daysKept = 30;
const hour = 3_600_000;

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
  if (!token) return undefined;
  const session = await models().Session.findOne({
    where: { tokenHash: hashOfToken(token), expiresAt: { [Op.gt]: new Date() } },
    include: "person",
  });
  const person = session?.person;
  if (!person || (person.demo && !demoMode())) return undefined;
  if (Date.now() - session.seenAt.getTime() > hour) await session.update({ seenAt: new Date() });
  const { id, name, kind, firstPassword } = person;
  return { id, name, kind, firstPassword, toured: person.tourEndedAt != null };
}
