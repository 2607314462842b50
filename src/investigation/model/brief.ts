import type { Chosen } from "./choices";
import { stageIds, type StageId } from "./stage";

/** The words that each choice of a brief may have. */
export const briefValues = {
  /** When a bench sees what its results are held against. */
  accepted: ["always", "handed-in", "returned"],
} as const;
export type AcceptedShown = (typeof briefValues.accepted)[number];

/** What a bench is asked for of one quantity, as typed; "" where nothing is asked. */
export interface Asked {
  /** So many rows at least. */
  rows: string;
  /** They reach from here to there at least, in its unit. */
  from: string;
  to: string;
}

/** What a teacher looks for, with the points that it is worth. */
export interface Criterion {
  order: string;
  text: string;
  points: number;
}

/** A teacher's outline of one experiment, beside what is settled in the investigation itself. */
export interface Brief extends Chosen<typeof briefValues> {
  introduction: string;
  /** A word from the teacher for each stage; "" where there is none. */
  words: Record<StageId, string>;
  /** The parts that benches can't change, by their keys (`fixedParts.ts`). */
  fixed: Record<string, true>;
  asked: Record<string, Asked>;
  criteria: Record<string, Criterion>;
  /** Whether nothing is handed in while pencil marks or prompts are open. */
  insists: boolean;
  /** Whether benches may make reading copies. */
  copies: boolean;
}

/** No word for any stage. */
export const noWords: Brief["words"] = {
  measure: "",
  derive: "",
  straighten: "",
  plot: "",
  slope: "",
  conclude: "",
  writeup: "",
};

/** A brief that gives and fixes nothing yet. */
export function emptyBrief(): Brief {
  return {
    introduction: "",
    words: { ...noWords },
    fixed: {},
    asked: {},
    criteria: {},
    accepted: "always",
    insists: false,
    copies: false,
  };
}

/** What of a brief stands in the sheets of benches: all else stays with what was given out, and is the teacher's to change. */
export function briefOfBench({ fixed, asked }: Brief): Brief {
  return { ...emptyBrief(), fixed, asked };
}

/** The stages for which a brief has words, in the order of the work. */
export const stagesWithWords = ({ words }: Pick<Brief, "words">) =>
  stageIds.filter((stage) => words[stage].trim() !== "");
