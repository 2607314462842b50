import { orderAtEnd } from "../model/order";
import { plainResult, type Result } from "../model/result";
import { act } from "./act";

/** Adds a result behind the others, taken from the slope of a figure until something else is said. */
export const addResult = act<{
  id: string;
  figure: string | null;
  with?: Partial<Omit<Result, "order">>;
}>("add-result", (draft, { id, figure, with: more }) => {
  draft.results[id] = { ...plainResult(orderAtEnd(draft.results), figure), ...more };
});
