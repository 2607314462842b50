import { plainRunText } from "@/core/unit/runText";
import { listed } from "./listed";

const mostWords = 8;

/** What is said while files are made, and where they can't be. */
export const takingWords = {
  making: (kind: string) => `Making the ${kind} …`,
  howFar: (work: string, percent: number) => `${work} ${percent} %`,
  made: (name: string) => `${name} is made.`,
  away: (kind: string) =>
    `The ${kind} was not made: something that it needs could not be fetched. Check the connection and try again.`,
  fault: (kind: string) =>
    `The ${kind} could not be made. The fault lies with Fathom Rule, not with your work or the connection, and has been reported. Take out another kind meanwhile.`,
  copied: "The figure is on the clipboard.",
  notCopied: "The browser did not let the figure onto the clipboard. Take it out as a file.",
  goOn: (kind: string) => `Make the ${kind} with boxes`,
  leave: "Leave it",
  giveUp: "Give up",
  unheld: (kind: string, words: readonly string[]) => {
    const shown = words.slice(0, mostWords).map((word) => `“${word}”`);
    const more = words.length - shown.length;
    const named = more > 0 ? [...shown, `${more} more`] : shown;
    const all = plainRunText(listed(named.map((text) => [{ text }])));
    return `No font here holds every sign of ${all}. In the ${kind} an empty box would stand for each that is missing.`;
  },
} as const;

/** Table and figure on one page, and where that has no room. */
export const onePageWords = {
  question: "Table and figure on one page:",
  kind: (paper: string) => `page on ${paper}`,
  tooLong: (rows: number, paper: string) =>
    `The table of ${rows} rows and its figure do not fit on one page of ${paper} in letters that can be read.`,
  columns: "Columns of the table",
  pages: (count: number) => `On ${count} pages`,
  one: "On one page with these columns",
  notOne: "Does not fit on one page yet",
  leave: "Leave it",
} as const;

/** What sources in TeX do not hold, or need. */
export function texSentence(sources: readonly string[]): string {
  const source = sources.join("\n");
  const thinned = [...source.matchAll(/% (\d+) of (\d+) points are drawn\./g)];
  const points = thinned.map(([, drawn, of]) => `${drawn} of ${of} points`);
  return [
    ...(points.length > 0
      ? [
          `TeX has no room for so many points: ${plainRunText(listed(points.map((text) => [{ text }])))} are drawn, spread evenly. The lines are those of all.`,
        ]
      : []),
    ...(source.includes("\\further{")
      ? ["Set it with LuaLaTeX: pdfLaTeX has no font for some of its letters, and shows their numbers instead."] // prettier-ignore
      : []),
  ].join(" ");
}

/** What stands over the further parts of a table that was too wide for one. */
export const furtherColumns = "further columns";
