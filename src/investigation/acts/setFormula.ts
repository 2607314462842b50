import { act } from "./act";

/** Changes the formula of a derived quantity. */
export const setFormula = act<{ quantity: string; formula: string }>(
  "set-formula",
  (draft, { quantity, formula }) => {
    const target = draft.quantities[quantity];
    if (target?.formula !== undefined) target.formula = formula;
  },
);
