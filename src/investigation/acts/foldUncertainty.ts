import { readNumber } from "@/core/number/readNumber";
import { cellsOfQuantity } from "../model/row";
import { act } from "./act";
import { takeQuantityAway } from "./removeQuantity";

/** Writes the ± of a quantity's column behind each of its readings ("12.3 ± 0.2"), and takes the column away. */
export const foldUncertainty = act<{ quantity: string }>("fold-uncertainty", (draft, args) => {
  const owner = draft.quantities[args.quantity];
  if (owner?.uncertainty.kind !== "column") return;
  const { column } = owner.uncertainty;
  const { decimalMark } = draft.houseRules;
  for (const row of Object.values(draft.rows)) {
    const size = row.table === owner.table ? row.readings[column]?.trim() : undefined;
    if (!size) continue;
    for (const cell of cellsOfQuantity(row, args.quantity)) {
      const text = row.readings[cell] ?? "";
      const read = readNumber(text, decimalMark);
      if (read.kind !== "number" || read.number.uncertainty !== undefined) continue;
      row.readings[cell] = `${text.trim()} ± ${size}`;
    }
  }
  owner.uncertainty = { kind: "none" };
  takeQuantityAway(draft, column);
});
