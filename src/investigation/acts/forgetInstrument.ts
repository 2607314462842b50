import { act } from "./act";

/** Takes an instrument of one's own out of the kit; quantities read with it stay as they are. */
export const forgetInstrument = act<{ id: string }>("forget-instrument", (draft, { id }) => {
  delete draft.instruments[id];
});
