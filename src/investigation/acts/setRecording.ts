import type { Investigation } from "../model/investigation";
import type { Pace, Recording } from "../model/recording";
import { act } from "./act";
import { type ReadAgain, writeAgain } from "./readAgain";

/** What of a recording is chosen, not recorded. */
export type RecordingChoices = Partial<
  Pick<Recording, "name" | "readings" | "outline" | "trim" | "event" | "aside">
>;

/** Lays what was marked in s where it lay among the readings, once their step is known better. */
function stretchTimes(draft: Investigation, id: string, by: number): void {
  const recording = draft.recordings[id];
  if (!recording) return;
  const at = (time: number | null) => (time === null ? null : time * by);
  recording.trim = { from: at(recording.trim.from), to: at(recording.trim.to) };
  recording.event = at(recording.event);
  const ofIt = Object.values(draft.readOffs).filter((entry) => entry.recording === id);
  for (const stretch of [...Object.values(recording.aside), ...ofIt]) {
    stretch.from *= by;
    stretch.to *= by;
  }
  for (const entry of ofIt) entry.moment = at(entry.moment);
}

/** Says better at what pace the readings of a recording came. */
function setPace(draft: Investigation, id: string, pace: Pace | undefined): void {
  const recording = draft.recordings[id];
  if (!recording || !pace) return;
  stretchTimes(draft, id, pace.step / recording.how.step);
  Object.assign(recording.how, pace);
}

/** Names a recording, says how much came of it and at what pace, trims it, sets stretches of it aside or takes them back, lays a moment of it at 0; what was read off it is read anew. */
export const setRecording = act<{
  id: string;
  choices: RecordingChoices;
  pace?: Pace | undefined;
  again?: readonly ReadAgain[];
}>("set-recording", (draft, { id, choices, pace, again = [] }) => {
  const recording = draft.recordings[id];
  if (!recording) return;
  Object.assign(recording, choices);
  setPace(draft, id, pace);
  writeAgain(draft, again);
});
