import { headingOf } from "./writingUp";
import { plainRunText, type RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { type FixablePart, fixablePart } from "@/investigation/model/fixedParts";
import type { Investigation } from "@/investigation/model/investigation";
import { untitled } from "./untitled";

/** What is said of briefs: to the teacher who makes one, and to the benches that work by it. */
export const briefWords = {
  line: {
    label: "Brief",
    is: "You are making a brief.",
    text: "What you settle here each bench gets, without the readings.",
    says: "What the brief says",
    setTo: "Set it to a class from the page of the class, under “Set an experiment”.",
  },
  sheet: {
    title: "What the brief says",
    introduction: "Introduction",
    introductionHint: "What it is about, and what is to be found out. It stands on Measure.",
    accepted: "What results are held against is seen",
    insists: "Hand in only when no pencil mark and no prompt is open",
    copies: "Benches may make reading copies",
    rulesGiven: "The house rules are given: benches can't change them",
    asked: "What each bench is to take",
    askedNone: "There is no quantity to read yet.",
    rows: "rows at least",
    from: "from",
    to: "to",
    criteria: "Criteria",
    criteriaNone: "No criteria yet: without any there are no points.",
    criterion: "What you look for",
    points: "points",
    add: "Add a criterion",
    remove: (text: string) => `Remove “${text || "the criterion"}”`,
    total: (points: number) => `${points} ${points === 1 ? "point" : "points"} in all`,
  },
  accepted: {
    always: "always",
    "handed-in": "after handing in",
    returned: "after it came back",
  },
  word: {
    yours: (stage: string) => `Your word on ${stage}`,
    hint: "Each bench reads it at the top of this margin.",
    teachers: "From the teacher",
    due: "To be handed in by",
    criteria: "What is looked for",
  },
  fixed: {
    title: "What benches can't change here",
    none: "Nothing on this stage can be fixed yet.",
    all: "Fix all of it",
    free: "Leave all free",
    given: "Given with the experiment",
    stays: (part: string) => `${part}: given with the experiment, so it stays as it is.`,
    staysBrief: "The brief is the teacher’s, so it stays as it is.",
  },
  prompt: {
    label: "Prompt",
    hint: "What is to be written here. It is gone as soon as somebody writes.",
  },
  toAll: {
    title: "Your words to all",
    place: "Where",
    introduction: "Introduction (on Measure)",
    word: "Words",
    shown: (where: string) => `Shown on ${where} of every bench at once.`,
    due: "Due",
    zone: (zone: string) => `by the clock in ${zone}`,
    ownZone: (zone: string) => `Use the clock in ${zone}`,
    kept: "Kept, and shown to all.",
    keeping: "Keeping…",
  },
} as const;

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
  switch (kind) {
    case "theory":
      return [{ text: "The theory" }];
    case "house-rules":
      return [{ text: "The house rules" }];
    case "quantity": {
      const what =
        quantity?.formula === undefined ? "name, symbol and unit" : "its formula, symbol and unit";
      return [...named(quantity), { text: `: ${what}` }];
    }
    case "instrument":
      return [...named(quantity), { text: ": the instrument and its ±" }];
    case "constant":
      return named(constants[of]);
    case "axes": {
      const { x, y } = figures[of] ?? {};
      return [{ text: "What is plotted: " }, ...plotted(y), { text: " against " }, ...plotted(x)];
    }
    case "look":
      return [{ text: "The look of the figure" }];
    case "heading": {
      const block = writeUp.blocks[of];
      return [{ text: `The heading “${(block && headingOf(block)) || untitled}”` }];
    }
  }
}

/** Why nothing was changed: the part that the brief fixes, by its key. */
export function fixedSentence(document: Investigation, key: string): string {
  const part = fixablePart(key);
  if (!part) return briefWords.fixed.staysBrief;
  return briefWords.fixed.stays(plainRunText(partWords(document, part)));
}
