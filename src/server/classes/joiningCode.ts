import { randomInt } from "node:crypto";

const words =
  "TIDE BUOY CRAB DUNE FERN GULL HARP KELP MAST MOTH PIER QUAY REEF RUSH SAND SWAN TERN WAVE WREN YARN BARK CAPE DRUM EDGE FARM GATE HAZE JADE KNOT LARK MINT NEST PALM RAFT SEAL TEAK".split(
    " ",
  );

/** No two of these look or sound alike. */
const letters = "23456789ACDEFHJKMPRTVWXY";
const letterCount = 4;

/** A code that is easily read aloud, a word and four letters, in the form in which codes are compared. */
export function freshCode(): string {
  const word = words[randomInt(words.length)] as string;
  const rest = Array.from({ length: letterCount }, () => letters[randomInt(letters.length)]);
  return word + rest.join("");
}

/** A code as it was typed, in the form in which codes are compared: "tide-4m7k" is TIDE4M7K. */
export function codeFrom(text: string): string {
  return text
    .slice(0, 60)
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, "");
}

/** A code as people read it: "TIDE 4M7K". */
export function codeShown(code: string): string {
  return `${code.slice(0, -letterCount)} ${code.slice(-letterCount)}`;
}
