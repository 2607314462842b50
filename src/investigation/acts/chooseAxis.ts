import { act } from "./act";

/** Puts a quantity along an axis of a figure, or takes it off (null). */
export const chooseAxis = act<{ figure: string; axis: "x" | "y"; quantity: string | null }>(
  "choose-axis",
  (draft, args) => {
    const figure = draft.figures[args.figure];
    if (figure) figure[args.axis] = args.quantity;
  },
);
