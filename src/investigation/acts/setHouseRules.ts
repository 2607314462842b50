import type { HouseRules } from "../model/houseRules";
import { act } from "./act";

/** Changes house rules; what is not given stays. */
export const setHouseRules = act<Partial<HouseRules>>("set-house-rules", (draft, rules) => {
  Object.assign(draft.houseRules, rules);
});
