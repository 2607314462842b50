import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Adds a criterion behind the others, worth one point. */
export const addCriterion = act<{ criterion: string }>("add-criterion", (draft, args) => {
  const { brief } = draft;
  if (!brief) return;
  const order = orderAtEnd(brief.criteria);
  brief.criteria[args.criterion] = { order, text: "", points: 1 };
});
