import type { Finding } from "@/core/finding/finding";
import type { RunText } from "@/core/unit/runText";
import type { MarkPlace } from "@/wording/markPlaces";

/** A number as its bench states it: "12.5 ± 0.4", and its unit. */
export interface Stated {
  readonly number: RunText;
  readonly unit: RunText;
}

/** The number that a bench came to: as it states it, and in SI units beside those of others. */
export interface StatedResult extends Stated {
  readonly name: string;
  readonly symbol: RunText;
  /** In SI units. */
  readonly value: number;
  /** In SI units; 0 where none is known. */
  readonly uncertainty: number;
  /** The unit in which the bench states it as it is typed, and how many SI units one of it is. */
  readonly unitText: string;
  readonly factor: number;
  /** What is added on a scale with a zero of its own (°C). */
  readonly offset: number;
  /** Powers of the base units: only what has the same lies on one number line. */
  readonly dimension: readonly number[];
}

/** What an open pencil mark says, and of what. */
export interface Asked {
  readonly place: MarkPlace;
  readonly finding: Finding;
}

/** What a class sees of a bench at a glance. */
export interface BenchSummary {
  /** Rows in which something was typed, of all tables. */
  readonly readings: number;
  /** Pencil marks that nobody has answered. */
  readonly openMarks: number;
  /** The first of them: what to ask the bench. */
  readonly asks: readonly Asked[];
  /** Whether the points of the first line lie straight; undefined where they are too few to tell. */
  readonly straight?: boolean;
  /** The slope of the first line, as it is stated. */
  readonly slope?: Stated & { readonly value: number };
  readonly result?: StatedResult;
}

/** To be raised with whatever changes what a summary holds or how it is worked out: kept ones are then worked out anew. */
export const summaryVersion = 2;
