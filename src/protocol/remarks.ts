import type { StageId } from "@/investigation/model/stage";

/** Where on a figure a remark stands, as parts of its width and height. */
export interface RemarkSpot {
  readonly across: number;
  readonly down: number;
}

/** What a teacher remarks on: a thing on a stage, or the stage as a whole. */
export interface RemarkPlace {
  readonly stage: StageId;
  /** "cell:ROW/CELL", "quantity:ID", "formula:ID", "figure:ID", "line:FIGURE/SERIES", "result:ID", "block:ID"; "" for the stage. */
  readonly place: string;
  readonly at?: RemarkSpot;
  /** The words of a block that it is about; "" elsewhere. */
  readonly quote: string;
}

/** What somebody answered to a remark. */
export interface RemarkAnswer {
  readonly id: string;
  /** "" once their account is gone. */
  readonly by: string;
  readonly text: string;
  /** ISO 8601. */
  readonly at: string;
}

/** A remark as a teacher of the class and, once it is given back, the bench see it. */
export interface Remark extends RemarkPlace {
  readonly id: string;
  readonly by: string;
  readonly text: string;
  /** ISO 8601. */
  readonly madeAt: string;
  /** Whether the bench sees it. */
  readonly shown: boolean;
  readonly done: boolean;
  readonly answers: readonly RemarkAnswer[];
}

/** What a handing in was worth, by the criteria of its experiment. */
export interface Judged {
  /** Points by the id of the criterion; those without any are left out. */
  readonly points: Readonly<Record<string, number>>;
  readonly lastWord: string;
}

/** The remarks on a sheet as one of its people sees them. */
export interface SheetRemarks {
  readonly remarks: readonly Remark[];
  /** Of the newest handing in that the person may see; left out where there is none. */
  readonly judged?: Judged;
  /** A teacher's own words for use again, those used last first; left out for a bench. */
  readonly phrases?: readonly string[];
}

/** How long things may be, and how many. */
export const remarkLimits = {
  letters: 2000,
  quote: 200,
  phrase: 400,
  ofSheet: 400,
  answers: 40,
  phrases: 60,
} as const;

/** A change to remarks; each says by its kind what it changes. */
export type RemarkChange =
  | ({ readonly kind: "put"; readonly id: string; readonly text: string } & RemarkPlace)
  | { readonly kind: "reword"; readonly id: string; readonly text: string }
  | { readonly kind: "remove"; readonly id: string }
  | { readonly kind: "keep-phrase"; readonly text: string }
  | { readonly kind: "forget-phrase"; readonly text: string }
  | { readonly kind: "give-points"; readonly criterion: string; readonly points: number | null }
  | { readonly kind: "last-word"; readonly text: string }
  | { readonly kind: "answer"; readonly id: string; readonly remark: string; readonly text: string }
  | { readonly kind: "done"; readonly id: string; readonly done: boolean };

/** Changes that a bench makes; the others are a teacher's. */
export const isOfBench = ({ kind }: RemarkChange): boolean => kind === "answer" || kind === "done";
