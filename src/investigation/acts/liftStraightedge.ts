import { act } from "./act";

/** Takes a straightedge off the figure. */
export const liftStraightedge = act<{ figure: string; id: string }>(
  "lift-straightedge",
  (draft, { figure, id }) => {
    delete draft.figures[figure]?.straightedges[id];
  },
);
