import type { Brief } from "../model/brief";
import { act } from "./act";

/** Sets what a brief says as a whole; what is not given stays. */
export const setBrief = act<{
  change: Partial<Pick<Brief, "introduction" | "accepted" | "insists" | "copies">>;
}>("set-brief", (draft, { change }) => {
  if (draft.brief) Object.assign(draft.brief, change);
});
