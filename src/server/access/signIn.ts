import { RateLimiterPostgres, RateLimiterRes } from "rate-limiter-flexible";
import { models } from "../database/models";
import { demoMode } from "./demoMode";
import { hashPassword, passwordMatches } from "./password";
import { openSession } from "./sessions";

export type SignInOutcome =
  | { readonly kind: "signed-in"; readonly token: string; readonly expiresAt: Date }
  | { readonly kind: "refused" }
  | { readonly kind: "too-many"; readonly minutes: number };

let limiter: RateLimiterPostgres | undefined;

/** Ten failed tries a quarter of an hour for a name, counted in the database for all processes. */
function attempts(): RateLimiterPostgres {
  limiter ??= new RateLimiterPostgres({
    storeClient: models().sequelize,
    storeType: "sequelize",
    tableName: "sign_in_attempts",
    tableCreated: true,
    clearExpiredByTimeout: false,
    points: 10,
    duration: 900,
  });
  return limiter;
}

let decoy: Promise<string> | undefined;

/** Checks even where there is nobody, so that the time taken does not tell which names exist. */
async function checkPassword(password: string, stored: string | undefined): Promise<boolean> {
  decoy ??= hashPassword("nobody");
  const matches = await passwordMatches(password, stored ?? (await decoy));
  return matches && stored !== undefined;
}

/** Signs a person in by name and password, or says that it can't be (never whether the name exists). */
export async function signIn(signInName: string, password: string): Promise<SignInOutcome> {
  const name = signInName.trim().toLowerCase().slice(0, 100);
  try {
    await attempts().consume(name);
  } catch (limit) {
    if (!(limit instanceof RateLimiterRes)) throw limit;
    return { kind: "too-many", minutes: Math.ceil(limit.msBeforeNext / 60_000) };
  }
  const person = await models().Person.findOne({ where: { signInName: name } });
  const known = person && (!person.demo || demoMode()) ? person : undefined;
  if (!(await checkPassword(password.slice(0, 500), known?.password)) || !known) {
    return { kind: "refused" };
  }
  await attempts().delete(name);
  return { kind: "signed-in", ...(await openSession(known.id)) };
}
