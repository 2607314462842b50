import { createHash, randomBytes } from "node:crypto";
import { Op } from "sequelize";
import { models } from "../database/models";
import { demoMode } from "./demoMode";

/** Who is signed in. */
export interface SignedIn {
  readonly id: string;
  readonly name: string;
  /** Whether the first tour was seen or passed over. */
  readonly toured: boolean;
}

const daysKept = 30;

function hashOf(token: string): string {
  return createHash("sha256").update(token).digest("hex");
}

/** Opens a session; the token goes to the browser's cookie, its hash to the database. */
export async function openSession(personId: string): Promise<{ token: string; expiresAt: Date }> {
  const { Session } = models();
  const token = randomBytes(32).toString("base64url");
  const expiresAt = new Date(Date.now() + daysKept * 86_400_000);
  await Session.create({ tokenHash: hashOf(token), personId, expiresAt });
  return { token, expiresAt };
}

/** Ends a session, wherever its cookie still is. */
export async function closeSession(token: string): Promise<void> {
  await models().Session.destroy({ where: { tokenHash: hashOf(token) } });
}

/** The person behind a token, or undefined when it is unknown or has run out. */
export async function personOf(token: string | undefined): Promise<SignedIn | undefined> {
  if (!token) return undefined;
  const session = await models().Session.findOne({
    where: { tokenHash: hashOf(token), expiresAt: { [Op.gt]: new Date() } },
    include: "person",
  });
  const person = session?.person;
  if (!person || (person.demo && !demoMode())) return undefined;
  return { id: person.id, name: person.name, toured: person.tourEndedAt != null };
}
