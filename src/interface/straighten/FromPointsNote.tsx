"use client";

import { Said } from "../parts/Said";
import { straightenTexts } from "@/wording/straightenTexts";
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

const fractionText = ({ above, below }: { above: number; below: number }): string =>
  (below === 1 ? String(above) : `${above}/${below}`).replace("-", "−");

/** What the points alone say: the exponent of a power law, the rate of an exponential, laws that they leave open. */
export function FromPointsNote({ whole: { points, x, y } }: { whole: Straightening }) {
  const { exponent, fraction, rate, possible } = points;
  const [across, up] = [
    <SymbolView key="x" quantity={x.quantity} />,
    <SymbolView key="y" quantity={y.quantity} />,
  ];
  const raised = (
    <>
      {across}
      <sup className="font-serif italic">n</sup>
    </>
  );
  return (
    <MarginNote title={straightenTexts.fromThePoints}>
      <p data-testid="possible">{possibleSentence(possible)}</p>
      {exponent && exponent.error > 0 && (
        <p className="mt-2" data-testid="exponent">
          <Said
            parts={{
              up,
              across: raised,
              power: <i className="font-serif">n</i>,
              number: <Estimated found={exponent} unit={[]} />,
            }}
            say={(marks) =>
              fraction
                ? straightenTexts.powerAgrees({ ...marks, fraction: fractionText(fraction) })
                : straightenTexts.powerAlone(marks)
            }
          />
        </p>
      )}
      {rate && rate.error > 0 && (
        <p className="mt-2" data-testid="rate">
          <Said
            parts={{
              up,
              across,
              rate: <i className="font-serif">b</i>,
              number: <Estimated found={rate} unit={writeSlopeUnit("", x.quantity.unit)} />,
            }}
            say={straightenTexts.rate}
          />
        </p>
      )}
      {!exponent && (
        <p className="text-soft mt-2">{straightenTexts.powersAndLogarithmsNeedValues}</p>
      )}
    </MarginNote>
  );
}
