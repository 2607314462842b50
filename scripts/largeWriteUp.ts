import { addBlocks } from "../src/investigation/acts/addBlocks";
import { addFigure } from "../src/investigation/acts/addFigure";
import { perform } from "../src/investigation/history/edit";
import type { Investigation } from "../src/investigation/model/investigation";
import { clampedRule } from "../src/investigation/samples/clampedRule";

const bare = { heading: "", text: [], hidden: false };

/** The clamped rule with five more figures, and as many tables as six, for the benches of the write-up. */
export function largeWriteUp(): Investigation {
  let document = clampedRule();
  for (let i = 2; i <= 6; i++) {
    const id = `figure${i}`;
    document = perform(document, addFigure, { id, x: "cubed", y: "squared", like: "main" }).document; // prettier-ignore
    const blocks = [
      { id: `f${i}`, block: { ...bare, kind: "figure", of: id } as const },
      ...(i < 5 ? [{ id: `l${i}`, block: { ...bare, kind: "line", of: id } as const }] : []),
    ];
    document = perform(document, addBlocks, { blocks, before: null }).document;
  }
  return document;
}
