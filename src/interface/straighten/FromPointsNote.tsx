"use client";

import { writeStatement } from "@/core/number/writtenNumber";
import type { Estimate } from "@/core/straighten/fromPoints";
import type { RunText } from "@/core/unit/runText";
import { writeSlopeUnit } from "@/core/unit/unitText";
import type { Straightening } from "@/pipeline/straighten/straightening";
import { possibleSentence } from "@/wording/straighten";
import { MarginNote } from "../parts/StageLayout";
import { StatementView } from "../parts/StatementView";
import { SymbolView } from "../parts/SymbolView";
import { useHouseRules } from "../store/useEvaluated";

function Estimated({ found: { value, error }, unit }: { found: Estimate; unit: RunText }) {
  const { figuresOfUncertainty } = useHouseRules();
  return (
    <StatementView statement={writeStatement(value, error, figuresOfUncertainty)} unit={unit} />
  );
}

/** What the points alone say: the exponent of a power law, the rate of an exponential, laws that they leave open. */
export function FromPointsNote({ whole: { points, x, y } }: { whole: Straightening }) {
  const { exponent, fraction, rate, possible } = points;
  const [across, up] = [
    <SymbolView key="x" quantity={x.quantity} />,
    <SymbolView key="y" quantity={y.quantity} />,
  ];
  return (
    <MarginNote title="From the points">
      <p data-testid="possible">{possibleSentence(possible)}</p>
      {exponent && exponent.error > 0 && (
        <p className="mt-2" data-testid="exponent">
          If {up} = a·{across}
          <sup className="font-serif italic">n</sup>, then <i className="font-serif">n</i> ={" "}
          <Estimated found={exponent} unit={[]} />
          {fraction
            ? `, which agrees with ${fraction.below === 1 ? fraction.above : `${fraction.above}/${fraction.below}`}.`.replace(
                "-",
                "−",
              )
            : ", which agrees with no simple fraction."}
        </p>
      )}
      {rate && rate.error > 0 && (
        <p className="mt-2" data-testid="rate">
          If {up} = a·exp(b·{across}), then <i className="font-serif">b</i> ={" "}
          <Estimated found={rate} unit={writeSlopeUnit("", x.quantity.unit)} />.
        </p>
      )}
      {!exponent && (
        <p className="text-soft mt-2">Powers and logarithms need values above zero in every row.</p>
      )}
    </MarginNote>
  );
}
