import type { HouseRules } from "../model/houseRules";
import { rewriteReadOffs } from "../recordings/rewriteReadOffs";
import { act } from "./act";

/** Changes house rules; what is not given stays. What was read off recordings is written by the new ones. */
export const setHouseRules = act<Partial<HouseRules>>("set-house-rules", (draft, rules) => {
  Object.assign(draft.houseRules, rules);
  rewriteReadOffs(draft);
});
