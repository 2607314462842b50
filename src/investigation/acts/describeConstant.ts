import type { Constant } from "../model/constant";
import { renameInFormulas } from "../model/formulas";
import { act } from "./act";

/** Sets what is typed of a constant; what is not given stays. Every formula that calls it `from` follows its new symbol. */
export const describeConstant = act<
  { constant: string; from?: string } & Partial<Omit<Constant, "order">>
>("describe-constant", (draft, { constant, from, ...description }) => {
  const described = draft.constants[constant];
  if (!described) return;
  Object.assign(described, description);
  if (from && description.symbol !== undefined) {
    renameInFormulas(draft, from, description.symbol);
  }
});
