import type { Curve } from "../model/curve";
import { act } from "./act";

/** Changes how a curve is fitted or drawn; another family or formula has parameters of its own. */
export const setCurve = act<{ figure: string; curve: string; change: Partial<Curve> }>(
  "set-curve",
  (draft, { figure, curve, change }) => {
    const found = draft.figures[figure]?.curves[curve];
    if (!found) return;
    Object.assign(found, change);
    if (change.family !== undefined) found.parameters = {};
  },
);
