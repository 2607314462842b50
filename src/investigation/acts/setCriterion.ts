import type { Criterion } from "../model/brief";
import { act } from "./act";

/** Sets what a criterion says or is worth; what is not given stays. */
export const setCriterion = act<{
  criterion: string;
  change: Partial<Pick<Criterion, "text" | "points">>;
}>("set-criterion", (draft, { criterion, change }) => {
  const found = draft.brief?.criteria[criterion];
  if (found) Object.assign(found, change);
});
