import * as yup from "yup";
import { stageIds, type StageId } from "@/investigation/model/stage";
import { ofKind } from "./ofKind";

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

const id = () =>
  yup
    .string()
    .strict()
    .matches(/^[A-Za-z0-9_-]{1,40}$/)
    .required();
const text = () => yup.string().strict().max(remarkLimits.letters).defined();
const part = () => yup.number().strict().min(0).max(1).required();

const place = {
  stage: yup.string<StageId>().oneOf(stageIds).required(),
  place: yup
    .string()
    .strict()
    .max(200)
    .matches(/^([a-z]{1,20}:\S{1,180})?$/)
    .defined(),
  at: yup.object({ across: part(), down: part() }).default(undefined),
  quote: yup.string().strict().max(remarkLimits.quote).defined(),
};

const shapes = {
  put: yup.object({ id: id(), text: text().min(1), ...place }),
  reword: yup.object({ id: id(), text: text().min(1) }),
  remove: yup.object({ id: id() }),
  "keep-phrase": yup.object({ text: text().min(1).max(remarkLimits.phrase) }),
  "forget-phrase": yup.object({ text: text() }),
  "give-points": yup.object({
    criterion: yup.string().strict().max(60).required(),
    points: yup.number().strict().min(0).max(1000).nullable().defined(),
  }),
  "last-word": yup.object({ text: text() }),
  answer: yup.object({ id: id(), remark: id(), text: text().min(1) }),
  done: yup.object({ id: id(), done: yup.boolean().strict().required() }),
} as const;

/** A change as a browser sends it. @throws ValidationError */
export const readRemarkChange = ofKind<RemarkChange>(shapes);

/** Changes that a bench makes; the others are a teacher's. */
export const isOfBench = ({ kind }: RemarkChange): boolean => kind === "answer" || kind === "done";

/** What a server says of the remarks on a sheet. */
export const sheetRemarks = yup
  .object({
    remarks: yup.mixed((value): value is readonly Remark[] => Array.isArray(value)).required(),
  })
  .required(); // prettier-ignore
