import { act } from "./act";

/** Gives the investigation another title. */
export const renameInvestigation = act<{ title: string }>("rename-investigation", (draft, args) => {
  draft.title = args.title;
});
