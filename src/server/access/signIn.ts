import { signInNameFrom } from "../accounts/names";
import { models } from "../database/models";
import { countTry, forgiveTries, giveTryBack } from "./attempts";
import { demoMode } from "./demoMode";
import { inTurn, QueueFull } from "./hashing";
import { hashPassword, passwordMatches } from "./password";
import { openSession } from "./sessions";

/** Where something is asked from: the address, and what its person knows the browser by. */
export interface AskedFrom {
  readonly address: string;
  readonly browser: string;
}

export type SignInOutcome =
  | {
      readonly kind: "signed-in";
      readonly token: string;
      readonly expiresAt: Date;
      /** The language that this person chose, if any. */
      readonly language: string | null;
    }
  | { readonly kind: "refused" }
  | { readonly kind: "too-many"; readonly minutes: number }
  /** Others are being let in: there is no room to wait. */
  | { readonly kind: "crowded"; readonly seconds: number };

let decoy: Promise<string> | undefined;

/** Checks even where there is nobody, so that the time taken does not tell which names exist. */
async function checkPassword(password: string, stored: string | undefined): Promise<boolean> {
  decoy ??= hashPassword("nobody");
  const matches = await passwordMatches(password, stored ?? (await decoy));
  return matches && stored !== undefined;
}

/**
 * Signs a person in by name and password, or says that it can't be (never whether the name exists).
 * @param from where the try comes from, and by which browser.
 */
export async function signIn(
  signInName: string,
  password: string,
  from: AskedFrom,
): Promise<SignInOutcome> {
  const { address, browser } = from;
  const name = signInNameFrom(signInName);
  const minutes = await countTry(name, address);
  if (minutes !== undefined) return { kind: "too-many", minutes };
  const person = await models().Person.findOne({ where: { signInName: name } });
  const known = person && (!person.demo || demoMode()) ? person : undefined;
  try {
    const given = password.slice(0, 500);
    const right = await inTurn(address, () => checkPassword(given, known?.password));
    if (!right || !known) return { kind: "refused" };
  } catch (error) {
    if (!(error instanceof QueueFull)) throw error;
    await giveTryBack(name, address);
    return { kind: "crowded", seconds: error.seconds };
  }
  await forgiveTries(name, address);
  const { language } = known;
  return { kind: "signed-in", ...(await openSession(known.id, browser)), language };
}
