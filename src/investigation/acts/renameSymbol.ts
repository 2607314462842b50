import { renamedInFormula } from "@/core/expression/renamedInFormula";
import { act } from "./act";

/** Gives a quantity another symbol, in every formula and result too that calls it `from`. */
export const renameSymbol = act<{ quantity: string; symbol: string; from: string }>(
  "rename-symbol",
  (draft, { quantity, symbol, from }) => {
    const renamed = draft.quantities[quantity];
    if (!renamed) return;
    renamed.symbol = symbol;
    for (const other of Object.values(draft.quantities)) {
      if (other.formula) other.formula = renamedInFormula(other.formula, from, symbol);
    }
    for (const result of Object.values(draft.results)) {
      if (result.formula) result.formula = renamedInFormula(result.formula, from, symbol);
    }
  },
);
