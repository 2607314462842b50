import { withCapital } from "./language/capital";
import { actWords } from "./acts";
import { spokenActs as english } from "./en/spokenActs";
import { worded } from "./language/worded";

const texts = worded("spokenActs", english);

/** Acts that are said when they are done: what they did is not heard where the focus stays. */
export const spokenActs: ReadonlySet<string> = new Set([
  ...["add-blocks", "add-constant", "add-criterion", "add-curve", "add-derived", "add-figure"],
  ...["add-further-repeat", "add-quantity", "add-result", "add-series", "add-table"],
  ...["arrange-rows", "bring-in-table", "bring-read-off", "dismiss-mark", "draw-triangle"],
  ...["duplicate-quantity", "fold-uncertainty", "forget-instrument", "forget-read-off"],
  ...["gather-repeats", "hide-quantity", "insert-rows", "keep-as-remarks", "keep-instrument"],
  ...["keep-look", "lay-straightedge", "lift-straightedge", "move-block", "move-quantity"],
  ...["move-rows", "part-repeats", "paste-block", "plot-also", "plot-pair", "put-into-series"],
  ...["put-label", "read-each-off", "read-off", "recall-mark", "remove-block", "remove-constant"],
  ...["remove-criterion", "remove-curve", "remove-figure", "remove-label", "remove-quantity"],
  ...["remove-recording", "remove-result", "remove-rows", "remove-series", "remove-table"],
  ...["rename-symbol", "series-by-column", "set-aside", "take-back", "unfold-uncertainty"],
]);

/** "Undone: a reading set aside". */
export function actSpoken(how: keyof typeof texts.said, act: string): string {
  const words = actWords[act];
  if (words === undefined) return "";
  return withCapital(texts.said[how]({ what: words }));
}
