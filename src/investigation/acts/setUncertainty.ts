import type { Uncertainty } from "../model/uncertainty";
import { act } from "./act";

/** Says how sure each reading of a quantity is. */
export const setUncertainty = act<{ quantity: string; uncertainty: Uncertainty }>(
  "set-uncertainty",
  (draft, args) => {
    const quantity = draft.quantities[args.quantity];
    if (quantity) quantity.uncertainty = args.uncertainty;
  },
);
