"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { Said } from "../parts/Said";
import { slopeTexts } from "@/wording/slopeTexts";
import { writeNumber } from "@/core/number/writtenNumber";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { Straightedge } from "@/investigation/model/figure";
import { missedRows as missedByLine } from "@/pipeline/lines/missedRows";
import { alongStraightedge } from "@/pipeline/lines/byHand";
import type { FigureFit } from "@/pipeline/lines/fit";
import { missedSentence } from "@/wording/lines";
import { NumberView } from "../parts/StatementView";
import { useHouseRules } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";

/** Rows, by their numbers in the table, whose error boxes a straightedge misses. */
export function missedRows(edge: Straightedge, fit: FigureFit): readonly number[] {
  const line = alongStraightedge(edge);
  const points = fit.lines.find(({ key }) => key === edge.series)?.fitted;
  if (!line || !points) return [];
  return missedByLine({ fitted: points }, line, fit);
}

const figures = 4;
/** Parts of the readings' own range of y below which an intercept can't be read. */
const fineness = 1000;

/** An intercept to as many decimals as the paper can tell apart. */
function interceptText(value: number, { lines }: FigureFit, series: string) {
  const y = lines.find(({ key }) => key === series)?.fitted.yValues ?? new Float64Array();
  const size = y.reduce((a, b) => Math.max(a, Math.abs(b)), 0) / fineness;
  if (!(size > 0)) return writeNumber(value, figures);
  const grain = 10 ** Math.floor(Math.log10(size));
  const rounded = Math.round(value / grain) * grain;
  const leading = rounded === 0 ? grain : Math.abs(rounded);
  const count = Math.floor(Math.log10(leading) + 1e-9) - Math.round(Math.log10(grain)) + 1;
  return writeNumber(rounded, Math.max(1, count));
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
        <NumberView
          number={writeNumber(line.slope, figures)}
          unit={writeSlopeUnit(y.unit, x.unit)}
        />
      </span>
      <span>
        <Said
          parts={{
            number: (
              <NumberView
                number={interceptText(line.intercept, fit, edge.series)}
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
