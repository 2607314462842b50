import type { Brief } from "@/investigation/model/brief";
import type { AcceptedValue } from "@/investigation/model/result";
import { stageIds, type StageId } from "@/investigation/model/stage";
import type { HandedIn } from "./handing";

/** What stands with an experiment: a teacher's words to its benches, and what they are held against. */
export interface GivenBrief extends Pick<
  Brief,
  "introduction" | "words" | "criteria" | "accepted" | "insists" | "copies"
> {
  /** What results are held against, by the id of the result: kept from the sheets of benches until they may see it. */
  readonly values: Readonly<Record<string, AcceptedValue>>;
}

/** A teacher's words of an experiment: the introduction, or those for one stage. */
export type WordPlace = "introduction" | StageId;

/** All places of words, in the order of the work. */
export const wordPlaces: readonly WordPlace[] = ["introduction", ...stageIds];

/** An experiment's words as its teachers see and change them. */
export interface OpenedWords {
  readonly introduction: string;
  readonly words: Readonly<Record<StageId, string>>;
  /** "2026-12-04T12:00" by the clock of the class; "" for none. */
  readonly due: string;
  /** Where the clock of the class hangs, "Europe/Vienna". */
  readonly timeZone: string;
}

/** What a bench sees of what was given out to it. */
export interface BenchTerms {
  readonly introduction: string;
  readonly words: Readonly<Record<StageId, string>>;
  readonly criteria: Brief["criteria"];
  readonly insists: boolean;
  readonly copies: boolean;
  /** Whether it sees what its results are held against as soon as it has handed in. */
  readonly valueThen: boolean;
  /** ISO 8601; left out where there is none. */
  readonly due?: string;
  readonly timeZone: string;
  /** The states of the sheet that were handed in, the first first. */
  readonly revisions: readonly number[];
  /** The newest time that it handed in; left out where it never did. */
  readonly handing?: HandedIn;
}
