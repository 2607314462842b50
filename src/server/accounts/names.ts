import { cleanText } from "@/core/text/cleanText";

const longestName = 60;
const signInForm = /^[\p{L}\p{N}][\p{L}\p{N}._-]{1,39}$/u;

/** The name that others see: cleaned, its spaces single, 60 letters at most; "" where nothing is left of it. */
export function shownName(text: string): string {
  const words = cleanText(text.slice(0, 1000)).replace(/\s+/gu, " ").trim();
  return [...words].slice(0, longestName).join("").trim();
}

/** A name to sign in with as it is looked for: small letters, composed. */
export function signInNameFrom(text: string): string {
  return text.slice(0, 100).replaceAll("\0", "").normalize("NFC").trim().toLowerCase();
}

/** Whether somebody may choose a name to sign in with: letters, digits, dots and lines, two to forty. */
export function isSignInName(text: string): boolean {
  return signInForm.test(text);
}
