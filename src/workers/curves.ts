import type { CurveOutcome } from "@/core/fit/curves/curveFit";
import type { CurveOrder } from "@/pipeline/curves/curveOrder";
import { fitOrder } from "@/pipeline/curves/fittedCurves";

/** What of an order is sent: all but the rows that its points come from. */
export type SentOrder = Omit<CurveOrder, "points" | "units">;

/** Fits curves away from the page, telling how far it is. */
export const curves = {
  run(order: SentOrder, onProgress: (part: number) => void): CurveOutcome {
    return fitOrder(order, onProgress);
  },
};

export type Curves = typeof curves;
