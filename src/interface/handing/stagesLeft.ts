import type { Investigation } from "@/investigation/model/investigation";
import type { StageId } from "@/wording/stages";

/** What is known of how far a bench has come. */
export interface Reached {
  readonly document: Investigation;
  /** Whether any figure has a line, and any result a number. */
  readonly hasLine: boolean;
  readonly hasResult: boolean;
}

const isWritten = ({ writeUp }: Investigation) =>
  Object.values(writeUp.blocks).some(
    ({ kind, text }) => kind === "text" && text.some(({ inlines }) => inlines.length > 0),
  );

/** The stages on which nothing is done yet that a report needs, in the order of the work. */
export function stagesLeft({ document, hasLine, hasResult }: Reached): readonly StageId[] {
  const isRead = Object.values(document.rows).some(({ readings }) =>
    Object.values(readings).some((text) => text.trim() !== ""),
  );
  const done: Partial<Record<StageId, boolean>> = {
    measure: isRead,
    slope: hasLine,
    conclude: hasResult,
    writeup: isWritten(document),
  };
  return (Object.keys(done) as StageId[]).filter((stage) => !done[stage]);
}
