import { dictionary } from "@zxcvbn-ts/language-common";
import type { SchoolFault } from "@/protocol/accounts";

/** A password has at least so many letters (NIST SP 800-63B, 3.1.1.2). */
export const leastLetters = 8;

let commonest: ReadonlySet<string> | undefined;

function isCommon(password: string): boolean {
  commonest ??= new Set(dictionary["passwords-common"] as readonly string[]);
  return commonest.has(password);
}

/**
 * What is wrong with a password: it is short, among the commonest, or the person's own name. Kinds of letters are nobody's
 * business.
 */
export function passwordFault(password: string, names: readonly string[]): SchoolFault | undefined {
  const plain = password.normalize("NFKC").toLowerCase();
  if ([...plain].length < leastLetters) return "password-short";
  if (names.some((name) => name.toLowerCase() === plain)) return "password-name";
  return isCommon(plain) ? "password-common" : undefined;
}
