import { act } from "./act";
import { bringTo, type Destination } from "./readOff";

/** Takes what was read off into a cell. */
export const bringReadOff = act<{ id: string; to: Destination }>(
  "bring-read-off",
  (draft, { id, to }) => bringTo(draft, id, to),
);
