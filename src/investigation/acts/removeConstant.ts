import { act } from "./act";

/** Removes a constant. */
export const removeConstant = act<{ constant: string }>("remove-constant", (draft, args) => {
  delete draft.constants[args.constant];
});
