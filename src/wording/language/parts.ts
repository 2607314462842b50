/** The rooms of a language come in parts, so that nobody waits for the words of pages that they are not on. */
export type Part = "door" | "inside" | "shelf" | "sheet" | "rest";

export const parts: readonly Part[] = ["door", "inside", "shelf", "sheet", "rest"];

const door = /^\/(sign-in)?$/;
const sheet = /^\/investigation\//;
/** A reading copy comes in one piece. */
const whole = /^\/read\b/;

/** What a page says before anything on it has been asked for. */
export function partsOfPath(path: string): readonly Part[] {
  if (door.test(path)) return ["door"];
  if (sheet.test(path)) return ["door", "inside", "sheet"];
  if (whole.test(path)) return parts;
  return ["door", "inside", "shelf"];
}
