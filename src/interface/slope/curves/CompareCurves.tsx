"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { writeNumber } from "@/core/number/writtenNumber";
import { type FittedCurve, scatterOff } from "@/pipeline/curves/fittedCurves";
import { writeRSquared } from "@/pipeline/lines/lineLedger";
import { comparedCurves } from "@/wording/curves";
import { NumberView, useDecimalMark } from "../../parts/StatementView";

function Number({ value }: { value: number | undefined }) {
  return value === undefined ? "–" : <NumberView number={writeNumber(value, 3)} unit={[]} />;
}

/** To one decimal: only differences of the criterion tell anything. */
function Criterion({ one, least }: { one: FittedCurve; least: number }) {
  const { fit } = one;
  const marked = useDecimalMark();
  if (fit.criterion === undefined || scatterOff(one) === 0) return "–";
  const above = fit.criterion - least;
  return above < 0.05 ? "lowest" : `+ ${marked(above.toFixed(1))}`;
}

/** The curves that were tried beside one another. */
export function CompareCurves({ curves }: { curves: readonly FittedCurve[] }) {
  const marked = useDecimalMark();
  const least = Math.min(
    ...curves.map((one) => (scatterOff(one) === 0 ? Infinity : (one.fit.criterion ?? Infinity))),
  );
  const heads = ["curve", "parameters", slopeTexts.offItBy, "R²", "red. χ²", slopeTexts.aicc];
  return (
    <div>
      <div
        className="overflow-x-auto"
        tabIndex={0}
        role="group"
        aria-label={slopeTexts.curvesCompared}
      >
        <table className="w-full text-right text-[13px]" data-testid="compared">
          <thead>
            <tr className="text-soft border-hairline border-b text-xs">
              {heads.map((head, index) => (
                <th key={head} className={`font-normal ${index === 0 ? "text-left" : "pl-2"}`}>
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {curves
              .map((one) => ({ one, ...one }))
              .map(({ one, id, name, fit }) => (
                <tr key={id} className="border-hairline border-b">
                  <td className="max-w-[110px] text-left break-words">{name}</td>
                  <td className="pl-2">{fit.freeCount}</td>
                  <td className="pl-2">
                    <Number value={scatterOff(one)} />
                  </td>
                  <td className="pl-2">
                    {fit.rSquared === undefined ? "–" : marked(writeRSquared(fit.rSquared))}
                  </td>
                  <td className="pl-2">
                    <Number value={fit.reducedChiSquare} />
                  </td>
                  <td className="pl-2 whitespace-nowrap">
                    <Criterion one={one} least={least} />
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      <p className="text-soft mt-2">{comparedCurves()}</p>
    </div>
  );
}
