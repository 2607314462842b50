import { clearAxesOf } from "../model/axes";
import type { Quantity } from "../model/quantity";
import { act } from "./act";

/** Takes a column as words about the rows, kept in the table or stated in the report too; or as numbers again. */
export const keepAsRemarks = act<{
  quantity: string;
  remarks: NonNullable<Quantity["remarks"]> | "numbers";
}>("keep-as-remarks", (draft, { quantity, remarks }) => {
  const target = draft.quantities[quantity];
  if (!target || target.formula !== undefined) return;
  if (remarks === "numbers") {
    delete target.remarks;
    return;
  }
  const before = target.remarks;
  target.remarks = remarks;
  if (before !== undefined) return;
  target.uncertainty = { kind: "none" };
  clearAxesOf(draft, quantity);
});
