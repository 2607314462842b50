import { act } from "./act";

/** Takes a recording away, and the links to it; readings that were read off it stay as typed ones. */
export const removeRecording = act<{ id: string }>("remove-recording", (draft, { id }) => {
  delete draft.recordings[id];
  for (const [key, { recording }] of Object.entries(draft.readOffs)) {
    if (recording === id) delete draft.readOffs[key];
  }
});
