import type { Recording } from "../model/recording";
import { act } from "./act";
import { type ReadAgain, writeAgain } from "./readAgain";

/** What of a recording is chosen, not recorded. */
export type RecordingChoices = Partial<
  Pick<Recording, "name" | "readings" | "outline" | "trim" | "event" | "aside">
>;

/** Names a recording, says how much came of it, trims it, sets stretches of it aside or takes them back, lays a moment of it at 0; what was read off it is read anew. */
export const setRecording = act<{
  id: string;
  choices: RecordingChoices;
  again?: readonly ReadAgain[];
}>("set-recording", (draft, { id, choices, again = [] }) => {
  const recording = draft.recordings[id];
  if (!recording) return;
  Object.assign(recording, choices);
  writeAgain(draft, again);
});
