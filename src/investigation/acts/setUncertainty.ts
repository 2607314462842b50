import type { Uncertainty } from "../model/uncertainty";
import { clearAxesOfUncertainty, nameUncertaintyColumn } from "../model/uncertaintyColumns";
import { act } from "./act";

/** Says how sure each reading of a quantity is; a column of ± is named after it and leaves the axes. */
export const setUncertainty = act<{ quantity: string; uncertainty: Uncertainty }>(
  "set-uncertainty",
  (draft, args) => {
    const quantity = draft.quantities[args.quantity];
    if (!quantity) return;
    quantity.uncertainty = args.uncertainty;
    if (args.uncertainty.kind !== "column") return;
    nameUncertaintyColumn(draft, args.uncertainty.column);
    clearAxesOfUncertainty(draft);
  },
);
