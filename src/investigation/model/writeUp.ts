import type { Chosen } from "./choices";
import type { RichText } from "./richText";

/** What a block of the write-up shows. "text" is typed; all others follow the investigation. */
export const blockKinds = [
  ...(["title", "text", "recording", "readings", "processed", "example"] as const),
  ...(["figure", "line", "result", "comparison"] as const),
];
export type BlockKind = (typeof blockKinds)[number];

/** The parts of a lab report that somebody writes: each proposes its heading, and says what belongs there. */
export const sectionIds = ["aim", "method", "discussion", "references"] as const;
export type SectionId = (typeof sectionIds)[number];

/** One block of the write-up. */
export interface WriteUpBlock {
  order: string;
  kind: BlockKind;
  /** The table, quantity, figure or result that it shows, by its id; "" where it shows none. */
  of: string;
  /** What stands above it; empty for none, or where its kind proposes words. */
  heading: string;
  /** Of a text: the part of a lab report that it is, whose heading stands above it where none is typed. */
  section?: SectionId;
  /** The typed words; for a table or figure what is said before it. */
  text: RichText;
  /** What is to be written here, as a teacher put it: it shows while nothing is typed. */
  prompt?: string;
  hidden: boolean;
}

/** The words that each choice of a report may have. */
export const writeUpValues = {
  paper: ["a4", "letter"],
  /** Where the ± of a column stands: in its heading where it is the same for all rows, or beside each value. */
  uncertainties: ["heading", "beside"],
} as const;

/** The report: its blocks, and how it is laid out. */
export interface WriteUp extends Chosen<typeof writeUpValues> {
  blocks: Record<string, WriteUpBlock>;
  /** Who wrote it, as it stands under the title. */
  authors: string;
}

/** A write-up with nothing in it yet. */
export function emptyWriteUp(): WriteUp {
  return { blocks: {}, paper: "a4", authors: "", uncertainties: "heading" };
}

/** A block that shows something, or an empty text. */
export function plainBlock(order: string, kind: BlockKind, of = ""): WriteUpBlock {
  return { order, kind, of, heading: "", text: [], hidden: false };
}
