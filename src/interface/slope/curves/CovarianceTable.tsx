"use client";

import { Said } from "../../parts/Said";
import { slopeTexts } from "@/wording/slopeTexts";
import { parameterPairs } from "@/core/fit/curves/correlations";
import { writeNumber } from "@/core/number/writtenNumber";
import { writeSymbol } from "@/core/unit/symbolText";
import type { FittedCurve } from "@/pipeline/curves/fittedCurves";
import { RunTextView } from "../../parts/RunTextView";
import { NumberView, useDecimalMark } from "../../parts/StatementView";

/** How the parameters err together: each pair with its covariance and its correlation. */
export function CovarianceTable({ fitted }: { fitted: FittedCurve }) {
  const marked = useDecimalMark();
  const pairs = parameterPairs(fitted.fit);
  if (pairs.length === 0) return null;
  return (
    <details>
      <summary className="text-petrol cursor-pointer font-semibold">
        {slopeTexts.howItsParametersErrTogether}
      </summary>
      <table className="mt-2 w-full max-w-[320px]" data-testid={`covariance-${fitted.id}`}>
        <thead>
          <tr className="text-soft border-hairline border-b text-left text-xs">
            <th className="font-normal">{slopeTexts.pair}</th>
            <th className="text-right font-normal">{slopeTexts.covariance}</th>
            <th className="text-right font-normal">{slopeTexts.correlation}</th>
          </tr>
        </thead>
        <tbody>
          {pairs.map(({ names: [a, b], covariance, correlation }) => (
            <tr key={`${a}/${b}`}>
              <th className="text-left font-normal">
                <Said
                  parts={{
                    one: <RunTextView runs={writeSymbol(a)} />,
                    other: <RunTextView runs={writeSymbol(b)} />,
                  }}
                  say={slopeTexts.pairOf}
                />
              </th>
              <td className="text-right">
                <NumberView number={writeNumber(covariance, 3)} unit={[]} />
              </td>
              <td className="text-right">{marked(correlation.toFixed(3).replace("-", "−"))}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-soft mt-1">{slopeTexts.inTheUnitsOfThe}</p>
    </details>
  );
}
