import { renamedInFormula } from "@/core/expression/renamedInFormula";
import type { AcceptedValue, Result, ResultSource } from "../model/result";
import { act } from "./act";

/** Sets what is said of a result: its words, its source, its accepted value; what is not given stays. */
export const describeResult = act<{
  result: string;
  change?: Partial<Omit<Result, "order" | "source" | "accepted">>;
  source?: Partial<ResultSource>;
  accepted?: Partial<AcceptedValue>;
}>("describe-result", (draft, { result, change, source, accepted }) => {
  const found = draft.results[result];
  if (!found) return;
  const before = found.symbol;
  Object.assign(found, change);
  if (change?.symbol !== undefined && change.symbol !== before) {
    for (const other of Object.values(draft.results)) {
      if (other.formula) other.formula = renamedInFormula(other.formula, before, change.symbol);
    }
  }
  Object.assign(found.source, source);
  Object.assign(found.accepted, accepted);
});
