import type { Block } from "@/intake/block";
import type { PasteOutcome } from "@/intake/pastePlan";
import { pasting } from "./en/pasting";
import { withFurther, worded } from "./language/worded";

const texts = worded("pasting", pasting);

/** Columns that are repeats of one quantity, or columns of their own. */
export const repeatWords = texts.repeatWords;

const mostNamed = 3;

/** Series by the words of a column. */
export const seriesWords = withFurther(texts.seriesWords, {
  said: (words: readonly string[]) =>
    texts.seriesWords.said({
      words: words
        .slice(0, mostNamed)
        .map((word) => texts.quoted({ word }))
        .join(", "),
      more: words.length > mostNamed ? "yes" : "no",
    }),
});

/** Columns of words about the rows. */
export const remarkWords = texts.remarkWords;

/** What a paste understood, in a sentence or two. */
export function pasteSentence(outcome: PasteOutcome, block: Block): string {
  const said = texts.pasted;
  switch (outcome.kind) {
    case "nothing":
      return said.nothing;
    case "too-many-rows":
      return said["too-many-rows"]({ rows: outcome.rows, most: outcome.most });
    case "too-many-columns":
      return said["too-many-columns"]({ columns: outcome.columns, most: outcome.most });
    case "too-long":
      return said["too-long"]({ row: outcome.row });
    case "plan": {
      const { rows, columns } = outcome.plan;
      const { decimalCommas, shortRows } = block.understood;
      return [
        said.block({ rows, columns }),
        ...(block.headings ? [said.headings] : []),
        ...(decimalCommas ? [said.commas] : []),
        ...(shortRows > 0 ? [said.short({ count: shortRows })] : []),
      ].join(" ");
    }
  }
}
