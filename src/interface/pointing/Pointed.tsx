import type { ReactNode } from "react";
import type { FigureFit } from "@/pipeline/lines/fit";
import { rowsWithin } from "./figurePoints";
import { LineTip } from "./LineTip";
import { PointTip, RegionTip } from "./PointTip";
import type { PointedHands } from "./usePointed";

interface Props {
  hands: PointedHands;
  fit: FigureFit;
  /** What is said while nothing is in hand. */
  otherwise: ReactNode;
}

/** What of the figure is in hand, in words, with what can be done about it. */
export function Pointed({ hands, fit, otherwise }: Props) {
  const { points, point, region, line, leave } = hands;
  if (line !== undefined) return <LineTip fit={fit} index={line} />;
  if (region) return <RegionTip rows={rowsWithin(points(), region)} table={fit.table.id} onDone={leave} />; // prettier-ignore
  if (point) return <PointTip point={point} fit={fit} onDone={leave} />;
  return otherwise;
}
