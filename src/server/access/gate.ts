import { Op } from "sequelize";
import { isDatabaseAway } from "../database/connection";
import { models, type StoredInvestigation } from "../database/models";
import { personOf, type SignedIn } from "./sessions";

export type Entry<Granted> =
  | ({ readonly kind: "granted"; readonly person: SignedIn } & Granted)
  | { readonly kind: "signed-out" }
  | { readonly kind: "not-found" }
  /** The database can't be reached, so nothing can be known. */
  | { readonly kind: "away" };

async function unlessAway<Granted>(work: () => Promise<Entry<Granted>>): Promise<Entry<Granted>> {
  try {
    return await work();
  } catch (error) {
    if (isDatabaseAway(error)) return { kind: "away" };
    throw error;
  }
}

/** Lets a signed-in person in. Every page, route handler and server action passes this or the next one. */
export function admitPerson(token: string | undefined): Promise<Entry<object>> {
  return unlessAway<object>(async () => {
    const person = await personOf(token);
    return person ? { kind: "granted", person } : { kind: "signed-out" };
  });
}

/** Whether a value can be an id: an action is called with whatever somebody sends. */
function isId(value: unknown): value is string {
  return typeof value === "string" && /^[A-Za-z0-9_-]{1,40}$/.test(value);
}

/** Lets a person in to an investigation of their own, on the shelf or (`deleted`) off it; someone else's is not found, as if it were not there. */
export function admitToInvestigation(
  token: string | undefined,
  investigationId: string,
  { deleted = false } = {},
): Promise<Entry<{ investigation: StoredInvestigation }>> {
  return unlessAway<{ investigation: StoredInvestigation }>(async () => {
    const person = await personOf(token);
    if (!person) return { kind: "signed-out" };
    if (!isId(investigationId)) return { kind: "not-found" };
    const investigation = await models().StoredInvestigation.findOne({
      where: {
        id: investigationId,
        ownerId: person.id,
        deletedAt: deleted ? { [Op.not]: null } : null,
      },
    });
    return investigation ? { kind: "granted", person, investigation } : { kind: "not-found" };
  });
}
