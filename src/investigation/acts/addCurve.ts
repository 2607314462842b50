import { type CurveFamily, plainCurve } from "../model/curve";
import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Fits a curve to a series of a figure, with the bars of y that count for its line; with the first one the straight lines are no longer drawn. */
export const addCurve = act<{
  figure: string;
  id: string;
  family: CurveFamily;
  series: string;
  formula?: string;
}>("add-curve", (draft, { figure, id, family, series, formula = "" }) => {
  const found = draft.figures[figure];
  if (!found) return;
  if (Object.keys(found.curves).length === 0) {
    Object.assign(found.line, { best: false, steepest: false, shallowest: false });
  }
  const weights = found.line.weights === "none" ? "none" : "y";
  found.curves[id] = { ...plainCurve(orderAtEnd(found.curves), family, series), formula, weights };
});
