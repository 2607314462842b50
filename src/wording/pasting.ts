import type { Block } from "@/intake/block";
import type { PasteOutcome } from "@/intake/pastePlan";

/** "1 row", "2 rows", "20 000 rows". */
export function counted(count: number, one: string): string {
  return `${count.toLocaleString("en-GB").replaceAll(",", "\u202f")} ${one}${count === 1 ? "" : "s"}`;
}

/** Columns that are repeats of one quantity, or columns of their own. */
export const repeatWords = {
  taken: (count: number) => `By their headings, ${count} columns were taken as repeats of`,
  apart: "Make them columns of their own",
  gather: (count: number) => `Make repeats of these ${count} columns`,
  part: "A column of its own for each repeat",
  choice: "Numbered columns",
  choices: { repeats: "repeats of one quantity", apart: "columns of their own" },
} as const;

const mostNamed = 3;

/** Series by the words of a column. */
export const seriesWords = {
  said: (words: readonly string[]) => {
    const named = words
      .slice(0, mostNamed)
      .map((word) => `“${word}”`)
      .join(", ");
    const more = words.length > mostNamed ? " …" : "";
    return `The words of this column come again: ${named}${more}.`;
  },
  make: "Make them series",
  choice: "Words that come again",
  choices: { series: "make series", column: "stay a column" },
  made: (count: number) => `By the words of a column, the rows stand in ${count} series.`,
  apart: "Leave it a column",
} as const;

/** Columns of words about the rows. */
export const remarkWords = {
  taken: "A column of words stands as remarks on the rows, not as readings:",
  numbers: "Read it as numbers",
  said: "This column holds words, no numbers.",
  make: "Keep it as remarks",
  is: "Remarks on the rows: words that are kept with each row and never plotted.",
  reported: "State it in the report’s table",
  heading: "remarks",
} as const;

/** What a paste understood, in a sentence or two. */
export function pasteSentence(outcome: PasteOutcome, block: Block): string {
  switch (outcome.kind) {
    case "nothing":
      return "The clipboard holds no readings to paste. Copy the cells in the spreadsheet once more.";
    case "too-many-rows":
      return `This block has ${counted(outcome.rows, "row")}; an investigation holds up to ${counted(outcome.most, "row")}. Nothing was pasted: copy a part of it.`;
    case "too-many-columns":
      return `With this block there would be ${counted(outcome.columns, "column")}; an investigation holds up to ${outcome.most}. Nothing was pasted: copy fewer columns.`;
    case "too-long":
      return `Row ${outcome.row} of the block holds a text that is too long for a reading. Nothing was pasted.`;
    case "plan": {
      const { rows, columns } = outcome.plan;
      const parts = [`Pasted ${counted(rows, "row")} of ${counted(columns, "column")}.`];
      if (block.headings) parts.push("The headings gave name, symbol and unit.");
      if (block.understood.decimalCommas) parts.push("Decimal commas were read as points.");
      const short = block.understood.shortRows;
      if (short > 0) parts.push(`${counted(short, "row")} had missing cells, left as they were.`);
      return parts.join(" ");
    }
  }
}
