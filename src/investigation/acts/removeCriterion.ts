import { act } from "./act";

/** Takes a criterion away. */
export const removeCriterion = act<{ criterion: string }>("remove-criterion", (draft, args) => {
  delete draft.brief?.criteria[args.criterion];
});
