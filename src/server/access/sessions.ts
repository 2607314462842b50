import { nanoid } from "nanoid";
import { QueryTypes, type WhereOptions } from "sequelize";
import type { PersonKind } from "@/protocol/accounts";
import { models } from "../database/models";
import type { Session } from "../database/models/session";
import { announceSignedOut } from "../live/channel";
import { Together } from "../requests/together";
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

interface KnownSession extends SignedIn {
  readonly tokenHash: string;
  readonly seenAt: Date;
  readonly demo: boolean;
}

/** The sessions behind hashes that have not run out, with their people, for all who ask at the same time. */
const sessions = new Together<string, KnownSession | undefined>(async (hashes) => {
  const found = await models().sequelize.query<KnownSession>(
    `select s.token_hash as "tokenHash", s.seen_at as "seenAt", p.id, p.name, p.kind, p.demo,
       p.first_password as "firstPassword", p.tour_ended_at is not null as toured
     from sessions s join people p on p.id = s.person_id
     where s.token_hash = any($1::text[]) and s.expires_at > now()`,
    { bind: [hashes], type: QueryTypes.SELECT },
  );
  const byHash = new Map(found.map((session) => [session.tokenHash, session]));
  return hashes.map((hash) => byHash.get(hash));
});

/** The person behind a token, or undefined when it is unknown or has run out. */
export async function personOf(token: string | undefined): Promise<SignedIn | undefined> {
  if (!token) return undefined;
  const session = await sessions.ask(hashOfToken(token));
  if (!session || (session.demo && !demoMode())) return undefined;
  const { tokenHash, seenAt, id, name, kind, firstPassword, toured } = session;
  if (Date.now() - seenAt.getTime() > hour) {
    await models().Session.update({ seenAt: new Date() }, { where: { tokenHash } });
  }
  return { id, name, kind, firstPassword, toured };
}
