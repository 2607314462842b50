import { cleanText } from "@/core/text/cleanText";

/** A list of names as it was pasted: those to begin, and why others are left out. */
export interface PastedNames {
  readonly names: readonly string[];
  /** Names that stand in the list twice, or are in the class already. */
  readonly doubles: readonly string[];
  readonly long: readonly string[];
}

/** A list has at most so many names. */
export const mostNames = 100;
const longest = 60;

/** The first column of a list that was copied from a table, or the lines themselves; numbers and dots before a name go. */
const nameIn = (line: string) =>
  cleanText(line.split("\t")[0] ?? "")
    .replace(/^\s*\d+[.)]?\s+/, "")
    .replace(/\s+/gu, " ")
    .trim();

/** Reads a list of names, one a line; empty lines are nothing. @param there the names that are in the class already. */
export function readNames(text: string, there: readonly string[]): PastedNames {
  const seen = new Set(there.map((name) => name.toLowerCase()));
  const names: string[] = [];
  const doubles: string[] = [];
  const long: string[] = [];
  for (const line of text.split(/\r\n?|\n/)) {
    const name = nameIn(line);
    if (name === "") continue;
    const key = name.toLowerCase();
    if ([...name].length > longest) long.push(`${[...name].slice(0, 20).join("")}…`);
    else if (seen.has(key)) doubles.push(name);
    else names.push(name);
    seen.add(key);
  }
  return { names, doubles: [...new Set(doubles)], long };
}
