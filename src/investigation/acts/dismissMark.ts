import { act } from "./act";

/** Answers a pencil mark with the reason why it may be passed over. */
export const dismissMark = act<{ mark: string; reason: string }>("dismiss-mark", (draft, args) => {
  draft.dismissed[args.mark] = args.reason;
});
