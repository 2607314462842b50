import type { StageId } from "@/investigation/model/stage";

/** The acts of each stage, by their names; what can be done on several stages says nothing of where somebody is. */
const actsOf: Readonly<Record<StageId, readonly string[]>> = {
  measure: [
    "bring-read-off", "forget-read-off", "keep-recording", "read-again", "read-off", "read-each-off", "remove-recording", "set-recording",
    "add-constant", "add-further-repeat", "add-quantity", "add-series", "add-table", "arrange-rows", "bring-in-table",
    "choose-instrument", "choose-spread", "describe-constant", "describe-quantity", "duplicate-quantity",
    "fold-uncertainty", "forget-instrument", "gather-repeats", "hide-quantity", "insert-rows", "keep-as-remarks",
    "keep-instrument", "move-quantity", "move-rows", "name-series", "name-table", "part-repeats", "paste-block", "put-into-series",
    "remove-constant", "remove-quantity", "remove-rows", "remove-series", "remove-table", "series-by-column",
    "set-aside", "set-repeats", "set-uncertainty", "take-back", "type-readings", "unfold-uncertainty",
  ],
  derive: ["add-derived", "choose-example", "set-formula"],
  straighten: ["plot-pair", "set-board", "write-theory"],
  plot: [
    "choose-axis", "describe-figure", "keep-look", "place-legend", "plot-also", "put-label", "remove-label", "set-axis",
    "set-look", "set-series-look",
  ],
  slope: [
    "add-curve", "draw-triangle", "lay-straightedge", "lift-straightedge", "place-equation", "remove-curve", "set-curve",
    "set-line", "set-parameter", "show-equation",
  ],
  conclude: ["add-result", "describe-result", "remove-result"],
  writeup: ["add-blocks", "describe-block", "move-block", "remove-block", "set-write-up"],
}; // prettier-ignore

/** The stage on which an act is done, by the act's name. */
export const stageOfAct: ReadonlyMap<string, StageId> = new Map(
  Object.entries(actsOf).flatMap(([stage, acts]) =>
    acts.map((act) => [act, stage as StageId] as const),
  ),
);
