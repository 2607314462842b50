import { isDatabaseAway } from "../database/connection";
import { access, type Right } from "./rights";
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

/**
 * Lets a person in to do one thing with an investigation; where they may not, it is not found, as if it were not there.
 * @param investigationId as it was sent: what can be no id is not found.
 */
export function admitToInvestigation(
  token: string | undefined,
  investigationId: unknown,
  right: Right,
): Promise<Entry<{ readonly investigationId: string }>> {
  return unlessAway<{ readonly investigationId: string }>(async () => {
    const person = await personOf(token);
    if (!person) return { kind: "signed-out" };
    if (!isId(investigationId)) return { kind: "not-found" };
    const may = await access(person.id, investigationId);
    return may.has(right) ? { kind: "granted", person, investigationId } : { kind: "not-found" };
  });
}
