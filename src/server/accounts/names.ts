import { cleanText } from "@/core/text/cleanText";

/** A name has at most so many letters. */
export const longestName = 60;
const signInForm = /^[\p{L}\p{N}][\p{L}\p{N}._-]{1,39}$/u;

/** A name as it is shown: cleaned, its spaces single; "" where nothing is left of it. */
export function shownName(text: string): string {
  return cleanText(text.slice(0, 1000)).replace(/\s+/gu, " ").trim();
}

/** A name to sign in with as it is looked for: small letters, composed. */
export function signInNameFrom(text: string): string {
  return text.slice(0, 100).replaceAll("\0", "").normalize("NFC").trim().toLowerCase();
}

/** Whether somebody may choose a name to sign in with: letters, digits, dots and lines, two to forty. */
export function isSignInName(text: string): boolean {
  return signInForm.test(text);
}
