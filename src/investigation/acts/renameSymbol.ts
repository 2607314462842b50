import { renameInFormulas } from "../model/formulas";
import { symbolOfUncertainty } from "../model/uncertaintyColumns";
import { act } from "./act";

/** Gives a quantity another symbol, in every formula too that calls it `from`: theory, curves and board included. */
export const renameSymbol = act<{ quantity: string; symbol: string; from: string }>(
  "rename-symbol",
  (draft, { quantity, symbol, from }) => {
    const renamed = draft.quantities[quantity];
    if (!renamed) return;
    renamed.symbol = symbol;
    renameInFormulas(draft, from, symbol, renamed.table);
    const { uncertainty, table } = renamed;
    const column = uncertainty.kind === "column" ? draft.quantities[uncertainty.column] : undefined;
    if (column?.symbol !== symbolOfUncertainty(from)) return;
    const named = symbolOfUncertainty(symbol);
    renameInFormulas(draft, column.symbol, named, table);
    column.symbol = named;
  },
);
