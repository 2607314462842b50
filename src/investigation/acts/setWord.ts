import type { StageId } from "../model/stage";
import { act } from "./act";

/** Sets the teacher's word for a stage. */
export const setWord = act<{ stage: StageId; text: string }>("set-word", (draft, args) => {
  if (draft.brief) draft.brief.words[args.stage] = args.text;
});
