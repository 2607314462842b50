import type { Quantity } from "../model/investigation";
import { act } from "./act";

/** Sets the name, symbol or unit of a quantity; what is not given stays. */
export const describeQuantity = act<
  { quantity: string } & Partial<Pick<Quantity, "name" | "symbol" | "unit">>
>("describe-quantity", (draft, { quantity, ...description }) => {
  const described = draft.quantities[quantity];
  if (described) Object.assign(described, description);
});
