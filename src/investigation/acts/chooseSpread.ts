import type { Quantity } from "../model/quantity";
import { act } from "./act";

/** Chooses what stands for the scatter of a quantity's repeats, and how it joins the instrument's part. */
export const chooseSpread = act<
  { quantity: string } & Partial<Pick<Quantity, "spread" | "combination">>
>("choose-spread", (draft, { quantity, ...choice }) => {
  const target = draft.quantities[quantity];
  if (target) Object.assign(target, choice);
});
