import type { FixablePart } from "@/investigation/model/fixedParts";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { StageId } from "@/wording/stages";

const of = (kind: FixablePart["kind"], ids: readonly string[]): FixablePart[] =>
  ids.map((id) => ({ kind, of: id }));

/** What of a stage a brief can fix, as its document stands, in the order in which it is met there. */
export function stageParts(document: Investigation, stage: StageId): readonly FixablePart[] {
  const quantities = inOrder(document.quantities);
  const read = quantities.filter(([, { formula }]) => formula === undefined);
  const ids = (entries: readonly (readonly [string, unknown])[]) => entries.map(([id]) => id);
  switch (stage) {
    case "measure":
      return [
        ...ids(read).flatMap((id) => [...of("quantity", [id]), ...of("instrument", [id])]),
        ...of("constant", ids(inOrder(document.constants))),
      ];
    case "derive":
      return of("quantity", ids(quantities.filter(([, { formula }]) => formula !== undefined)));
    case "straighten":
      return document.theory.trim() === "" ? [] : [{ kind: "theory", of: "" }];
    case "plot":
      return ids(inOrder(document.figures)).flatMap((id) => [
        ...of("axes", [id]),
        ...of("look", [id]),
      ]);
    case "writeup":
      return of(
        "heading",
        ids(inOrder(document.writeUp.blocks).filter(([, { kind }]) => kind === "text")),
      );
    case "slope":
    case "conclude":
      return [];
  }
}
