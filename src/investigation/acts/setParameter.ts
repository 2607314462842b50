import { type CurveParameter, plainParameter } from "../model/curve";
import { act } from "./act";

/** Says something of one parameter of a curve: where to start, to keep it, how far it may go. */
export const setParameter = act<{
  figure: string;
  curve: string;
  name: string;
  change: Partial<CurveParameter>;
}>("set-parameter", (draft, { figure, curve, name, change }) => {
  const found = draft.figures[figure]?.curves[curve];
  if (!found) return;
  found.parameters[name] = { ...plainParameter, ...found.parameters[name], ...change };
});
