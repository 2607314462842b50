import type { Quantity } from "../model/quantity";
import { act } from "./act";

/** Sets the name, symbol, unit or instrument of a quantity; what is not given stays. */
export const describeQuantity = act<
  { quantity: string } & Partial<
    Pick<Quantity, "name" | "symbol" | "unit" | "instrument" | "resolution">
  >
>("describe-quantity", (draft, { quantity, ...description }) => {
  const described = draft.quantities[quantity];
  if (described) Object.assign(described, description);
});
