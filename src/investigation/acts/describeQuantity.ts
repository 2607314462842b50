import type { Quantity } from "../model/quantity";
import { cellPlace } from "../model/row";
import { rewriteReadOffs } from "../recordings/rewriteReadOffs";
import { act } from "./act";

/** Sets the name, symbol, unit or instrument of a quantity; what is not given stays. What was read off recordings follows its unit. */
export const describeQuantity = act<
  { quantity: string } & Partial<
    Pick<Quantity, "name" | "symbol" | "unit" | "instrument" | "resolution">
  >
>("describe-quantity", (draft, { quantity, ...description }) => {
  const described = draft.quantities[quantity];
  if (!described) return;
  Object.assign(described, description);
  if (description.unit === undefined) return;
  rewriteReadOffs(
    draft,
    ({ goesTo }) => goesTo !== null && cellPlace(goesTo.cell).quantity === quantity,
  );
});
