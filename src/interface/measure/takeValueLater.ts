import { laterPart } from "../later/laterPart";

/** Comes once Measure is shown: instruments are asked in a free moment. */
export const TakeValue = laterPart(() => import("./TakeValue").then((part) => part.TakeValue), {
  needed: () => false,
});
