import { orderAtEnd } from "../model/order";
import type { Recording } from "../model/recording";
import { act } from "./act";

/** What is known of a recording once it stands. */
export type NewRecording = Pick<Recording, "how" | "readings" | "begunAt" | "outline"> & {
  readonly id: string;
  readonly name: string;
};

/** Takes a recording in, behind the others, with all that came in. */
export const keepRecording = act<NewRecording>(
  "keep-recording",
  (draft, { id, name, how, readings, begunAt, outline }) => {
    draft.recordings[id] = {
      order: orderAtEnd(draft.recordings),
      name,
      how,
      readings,
      begunAt,
      trim: { from: null, to: null },
      event: null,
      aside: {},
      outline,
    };
  },
);
