import type { Instrument } from "../model/instrument";
import { act } from "./act";

/** Says what a quantity is read with: it takes the instrument's unit, resolution and ±. */
export const chooseInstrument = act<{ quantity: string; instrument: Instrument }>(
  "choose-instrument",
  (draft, { quantity, instrument }) => {
    const target = draft.quantities[quantity];
    if (!target) return;
    const { name, unit, resolution, uncertainty } = instrument;
    Object.assign(target, { instrument: name, unit, resolution, uncertainty: { ...uncertainty } });
  },
);
