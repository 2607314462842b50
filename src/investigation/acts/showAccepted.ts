import type { AcceptedValue } from "../model/result";
import { act } from "./act";

/** Says what results are held against, by their ids; a result that is not there stays away. */
export const showAccepted = act<{ values: Readonly<Record<string, AcceptedValue>> }>(
  "show-accepted",
  (draft, { values }) => {
    for (const [id, accepted] of Object.entries(values)) {
      const result = draft.results[id];
      if (result) Object.assign(result.accepted, accepted);
    }
  },
);
