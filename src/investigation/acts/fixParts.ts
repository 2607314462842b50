import { type FixablePart, fixedKey } from "../model/fixedParts";
import { act } from "./act";

/** Fixes parts, so that no bench can change them, or leaves them free again. */
export const fixParts = act<{ parts: readonly FixablePart[]; fixed: boolean }>(
  "fix-parts",
  (draft, { parts, fixed }) => {
    if (!draft.brief) return;
    for (const part of parts) {
      if (fixed) draft.brief.fixed[fixedKey(part)] = true;
      else delete draft.brief.fixed[fixedKey(part)];
    }
  },
);
