import { withRuns } from "./language/runs";
import { headingOf } from "./writingUp";
import { plainRunText, type RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { type FixablePart, fixablePart } from "@/investigation/model/fixedParts";
import type { Investigation } from "@/investigation/model/investigation";
import { untitled } from "./untitled";
import { briefs } from "./en/briefs";
import { withFurther, worded } from "./language/worded";

const texts = worded("briefs", briefs);

/** What is said of briefs: to the teacher who makes one, and to the benches that work by it. */
export const briefWords = withFurther(texts.briefWords, {
  sheet: {
    remove: (text: string) =>
      text === "" ? texts.removeCriterion.unnamed : texts.removeCriterion.named({ text }),
  },
});

/** "t₁₀, time for ten swings". */
function named({ symbol = "", name = "" }: { symbol?: string; name?: string } = {}): RunText {
  const written = writeSymbol(symbol);
  if (written.length === 0) return [{ text: name }];
  return name.trim() === "" ? written : [...written, { text: `, ${name}` }];
}

/** What a part that can be fixed is called. */
export function partWords(document: Investigation, { kind, of }: FixablePart): RunText {
  const { quantities, constants, figures, writeUp } = document;
  const quantity = quantities[of];
  const plotted = (id: string | null | undefined): RunText =>
    id ? writeSymbol(quantities[id]?.symbol ?? "") : [{ text: "–" }];
  const { parts } = texts;
  switch (kind) {
    case "theory":
      return [{ text: parts.theory }];
    case "house-rules":
      return [{ text: parts.houseRules }];
    case "quantity":
      return withRuns({ named: named(quantity) }, (marks) =>
        quantity?.formula === undefined ? parts.measured(marks) : parts.derived(marks),
      );
    case "instrument":
      return withRuns({ named: named(quantity) }, parts.instrument);
    case "constant":
      return named(constants[of]);
    case "axes": {
      const { x, y } = figures[of] ?? {};
      return withRuns({ up: plotted(y), across: plotted(x) }, parts.axes);
    }
    case "look":
      return [{ text: parts.look }];
    case "heading": {
      const block = writeUp.blocks[of];
      return [{ text: parts.heading({ heading: (block && headingOf(block)) || untitled() }) }];
    }
  }
}

/** Why nothing was changed: the part that the brief fixes, by its key. */
export function fixedSentence(document: Investigation, key: string): string {
  const part = fixablePart(key);
  if (!part) return briefWords.fixed.staysBrief;
  return briefWords.fixed.stays({ part: plainRunText(partWords(document, part)) });
}
