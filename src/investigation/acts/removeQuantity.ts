import type { Investigation } from "../model/investigation";
import { cellPlace } from "../model/row";
import { act } from "./act";
import { withoutBlocksOf } from "./removeBlock";

/** Takes a quantity out of the document, wherever it is used. Its readings are another matter. */
export function forgetQuantity(draft: Investigation, quantity: string): void {
  delete draft.quantities[quantity];
  delete draft.examples[quantity];
  withoutBlocksOf(draft, quantity);
  for (const figure of Object.values(draft.figures)) {
    if (figure.x === quantity) figure.x = null;
    if (figure.y === quantity) figure.y = null;
    delete figure.also[quantity];
  }
  for (const other of Object.values(draft.quantities)) {
    if (other.uncertainty.kind === "column" && other.uncertainty.column === quantity) {
      other.uncertainty = { kind: "none" };
    }
  }
}

function withoutQuantity<Value>(record: Record<string, Value> | undefined, quantity: string): void {
  for (const key in record) if (cellPlace(key).quantity === quantity) delete record[key];
}

/** Takes a quantity with its readings out of the document; axes that showed it become empty. */
export function takeQuantityAway(draft: Investigation, quantity: string): void {
  const table = draft.quantities[quantity]?.table;
  forgetQuantity(draft, quantity);
  for (const row of Object.values(draft.rows)) {
    if (row.table !== table) continue;
    withoutQuantity(row.readings, quantity);
    withoutQuantity(row.further, quantity);
    withoutQuantity(row.setAside, quantity);
  }
}

/** Removes a quantity with its readings; axes that showed it become empty. */
export const removeQuantity = act<{ quantity: string }>("remove-quantity", (draft, { quantity }) =>
  takeQuantityAway(draft, quantity),
);
