import type { Axis } from "../model/figure";
import { act } from "./act";

/** Changes how an axis of a figure runs or what stands along it. */
export const setAxis = act<{ figure: string; axis: "x" | "y"; change: Partial<Axis> }>(
  "set-axis",
  (draft, { figure, axis, change }) => {
    const found = draft.figures[figure];
    if (found) Object.assign(found.axes[axis], change);
  },
);
