"use client";

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
        How its parameters err together
      </summary>
      <table className="mt-2 w-full max-w-[320px]" data-testid={`covariance-${fitted.id}`}>
        <thead>
          <tr className="text-soft border-hairline border-b text-left text-xs">
            <th className="font-normal">pair</th>
            <th className="text-right font-normal">covariance</th>
            <th className="text-right font-normal">correlation</th>
          </tr>
        </thead>
        <tbody>
          {pairs.map(({ names: [a, b], covariance, correlation }) => (
            <tr key={`${a}/${b}`}>
              <th className="text-left font-normal">
                <RunTextView runs={writeSymbol(a)} /> and <RunTextView runs={writeSymbol(b)} />
              </th>
              <td className="text-right">
                <NumberView number={writeNumber(covariance, 3)} unit={[]} />
              </td>
              <td className="text-right">{marked(correlation.toFixed(3).replace("-", "−"))}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-soft mt-1">
        In the units of the parameters. Near 1 or −1 one of the two can make up for the other, and
        neither is known well by itself.
      </p>
    </details>
  );
}
