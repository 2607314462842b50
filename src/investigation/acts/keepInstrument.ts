import type { Instrument } from "../model/instrument";
import { act } from "./act";

/** Keeps an instrument of one's own, so that other quantities can be read with it. */
export const keepInstrument = act<{ id: string; instrument: Instrument }>(
  "keep-instrument",
  (draft, { id, instrument }) => {
    draft.instruments[id] = { ...instrument };
  },
);
