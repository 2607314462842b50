import { randomInt } from "node:crypto";

const sounds = "ba de fi go hu ka le mi no pu ra se ti vo wu za ne ro la mu".split(" ");

const word = () => Array.from({ length: 3 }, () => sounds[randomInt(sounds.length)]).join("");

/** A password to be read from paper and typed once, "kalemi-nosera-47": one of six thousand million. */
export function firstPasswordText(): string {
  return `${word()}-${word()}-${randomInt(10, 100)}`;
}
