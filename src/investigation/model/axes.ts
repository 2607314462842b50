import type { Investigation } from "./investigation";
import { inOrder } from "./order";
import { ownersOfUncertainty } from "./uncertaintyColumns";

/** The first quantity of a table that may be plotted by itself, but for some. */
function freeQuantity(
  draft: Investigation,
  table: string | undefined,
  but: readonly (string | null)[],
): string | null {
  const owners = ownersOfUncertainty(draft.quantities);
  const found = inOrder(draft.quantities).find(
    ([id, one]) => one.table === table && !but.includes(id) && !owners.has(id) && !one.remarks,
  );
  return found?.[0] ?? null;
}

/** A quantity leaves the axes as it is about to go: those behind it come forward. */
export function clearAxesOf(draft: Investigation, quantity: string): void {
  const table = draft.quantities[quantity]?.table;
  for (const figure of Object.values(draft.figures)) {
    if (figure.x === quantity) {
      figure.x = figure.y ?? freeQuantity(draft, table, [quantity]);
      figure.y = freeQuantity(draft, table, [quantity, figure.x]);
    } else if (figure.y === quantity) {
      figure.y = freeQuantity(draft, table, [quantity, figure.x]);
    }
  }
}
