import { emptyBrief } from "../model/brief";
import { act } from "./act";

/** Makes a brief of an investigation: nothing is fixed yet. */
export const beginBrief = act<object>("begin-brief", (draft) => {
  draft.brief ??= emptyBrief();
});
