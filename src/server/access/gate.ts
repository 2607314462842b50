import { isDatabaseAway } from "../database/connection";
import { roleInClass } from "../classes/classRights";
import { type Right, rightsOf, type Standing } from "@/protocol/rights";
import { sightOf, type Sighted } from "../overview/sight";
import { personOf } from "./sessions";
import { type SignedIn, whoAsks } from "./whoAsks";

export type Entry<Granted> =
  | ({ readonly kind: "granted"; readonly person: SignedIn } & Granted)
  | { readonly kind: "signed-out" }
  /** Signed in with a password that was given: it is to be changed before all else. */
  | { readonly kind: "first-password" }
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

/** Lets a signed-in person in. Every page, handler and action that is not open to all passes this or one of the next. */
export function admitPerson(token: string | undefined): Promise<Entry<object>> {
  return unlessAway<object>(async () => {
    const person = await personOf(token);
    if (person?.firstPassword) return { kind: "first-password" };
    return person ? { kind: "granted", person } : { kind: "signed-out" };
  });
}

/** Whether a value can be an id: an action is called with whatever somebody sends. */
function isId(value: unknown): value is string {
  return typeof value === "string" && /^[A-Za-z0-9_-]{1,40}$/.test(value);
}

interface Admitted {
  readonly investigationId: string;
  readonly standing: Standing;
}

/**
 * Lets a person in to do one thing with an investigation; where they may not, it is not found, as if it were not there.
 * @param investigationId as it was sent: what can be no id is not found.
 */
export function admitToInvestigation(
  token: string | undefined,
  investigationId: unknown,
  right: Right,
): Promise<Entry<Admitted>> {
  return unlessAway<Admitted>(async () => {
    const id = isId(investigationId) ? investigationId : undefined;
    const asks = await whoAsks(token, id);
    if (!asks) return { kind: "signed-out" };
    const { person, standing } = asks;
    if (person.firstPassword) return { kind: "first-password" };
    if (id === undefined || !rightsOf[standing].has(right)) return { kind: "not-found" };
    return { kind: "granted", person, investigationId: id, standing };
  });
}

/** Lets somebody in whose password was given to them, to change it and nothing else. */
export function admitFirstPassword(token: string | undefined): Promise<Entry<object>> {
  return unlessAway<object>(async () => {
    const person = await personOf(token);
    if (!person) return { kind: "signed-out" };
    return person.firstPassword ? { kind: "granted", person } : { kind: "not-found" };
  });
}

/** Lets the teachers of a class in; for all others it is not there. @param classId as it was sent. */
export function admitToClass(
  token: string | undefined,
  classId: unknown,
): Promise<Entry<{ readonly classId: string }>> {
  return unlessAway<{ readonly classId: string }>(async () => {
    const entry = await admitPerson(token);
    if (entry.kind !== "granted") return entry;
    if (!isId(classId)) return { kind: "not-found" };
    const role = await roleInClass(entry.person.id, classId);
    return role === "teacher" ? { ...entry, classId } : { kind: "not-found" };
  });
}

/** Lets those in who may see the overview of an experiment: teachers of its class, and its students where it is shown. */
export function admitToOverview(
  token: string | undefined,
  experimentId: unknown,
): Promise<Entry<{ readonly experimentId: string; readonly sighted: Sighted }>> {
  return unlessAway<{ readonly experimentId: string; readonly sighted: Sighted }>(async () => {
    const entry = await admitPerson(token);
    if (entry.kind !== "granted") return entry;
    if (!isId(experimentId)) return { kind: "not-found" };
    const sighted = await sightOf(entry.person.id, experimentId);
    return sighted ? { ...entry, experimentId, sighted } : { kind: "not-found" };
  });
}
