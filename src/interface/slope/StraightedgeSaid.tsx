"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { Said } from "../parts/Said";
import { slopeTexts } from "@/wording/slopeTexts";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { Straightedge } from "@/investigation/model/figure";
import { missedRows as missedByLine } from "@/pipeline/lines/missedRows";
import { alongStraightedge } from "@/pipeline/lines/byHand";
import type { FigureFit } from "@/pipeline/lines/fit";
import { missedSentence } from "@/wording/lines";
import { NumberView } from "../parts/StatementView";
import { useHouseRules } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { edgeIntercept, edgeSlope } from "./edgeNumbers";

/** Rows, by their numbers in the table, whose error boxes a straightedge misses. */
export function missedRows(edge: Straightedge, fit: FigureFit): readonly number[] {
  const line = alongStraightedge(edge);
  const points = fit.lines.find(({ key }) => key === edge.series)?.fitted;
  if (!line || !points) return [];
  return missedByLine({ fitted: points }, line, fit);
}

/** Slope and intercept of a straightedge, and the boxes that it misses, as it is moved. */
export function StraightedgeSaid({ edge, number }: { edge: Straightedge; number?: number }) {
  const fit = useFigureFit();
  const { slopeWord } = useHouseRules();
  const line = alongStraightedge(edge);
  if (!fit || !line) return null;
  const [x, y] = [fit.x.quantity, fit.y.quantity];
  return (
    <p className="flex flex-wrap gap-x-3">
      {number !== undefined && (
        <span className="font-semibold">{slopeTexts.straightedgeNumber({ number })}</span>
      )}
      <span>
        {slopeWordText(slopeWord)}{" "}
        <NumberView number={edgeSlope(line.slope)} unit={writeSlopeUnit(y.unit, x.unit)} />
      </span>
      <span>
        <Said
          parts={{
            number: (
              <NumberView
                number={edgeIntercept(line.intercept, fit, edge.series)}
                unit={writeUnitText(y.unit)}
              />
            ),
          }}
          say={slopeTexts.interceptIs}
        />
      </span>
      <span className="text-soft">{missedSentence(missedRows(edge, fit))}</span>
    </p>
  );
}
