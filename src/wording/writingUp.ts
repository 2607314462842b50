import type { BlockKind, SectionId, WriteUpBlock } from "@/investigation/model/writeUp";
import { writingUp } from "./en/writingUp";
import { worded } from "./language/worded";

const texts = worded("writingUp", writingUp);

/** What each kind of block is called. */
export const blockWords: Readonly<Record<BlockKind, string>> = texts.blockWords;

/** Headings of the text blocks of a lab report, in their order, with what belongs there. */
export const sections: Readonly<Record<SectionId, { heading: string; hint: string }>> =
  texts.sections;

/** What stands above a block: as typed, else as the part of the report that it is proposes; "" for nothing. */
export const headingOf = ({
  heading,
  section,
}: Pick<WriteUpBlock, "heading" | "section">): string =>
  heading.trim() || (section ? sections[section].heading : "");

/** Why a block shows nothing yet. */
export const missingWords = texts.missingWords;
