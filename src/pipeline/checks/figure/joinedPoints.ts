import type { FigureCheck } from "./figureCheck";

/** Straight stretches from point to point: readings scatter, and such a line claims that they don't. */
export const joinedPoints: FigureCheck = ({ figure }) =>
  figure.look.join === "segments" ? [{ name: "joined-points" }] : [];
