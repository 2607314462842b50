"use client";

import type { ReactNode } from "react";
import { adjustedRSquared, parameterHalves } from "@/core/fit/curves/curveIntervals";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnit, writeUnitText } from "@/core/unit/unitText";
import { setCurve } from "@/investigation/acts/setCurve";
import { curveValues } from "@/investigation/model/curve";
import { levelOf } from "@/pipeline/figure/figureLines";
import { type FittedCurve, scatterOff } from "@/pipeline/curves/fittedCurves";
import { writeRSquared } from "@/pipeline/lines/lineLedger";
import { curveMeasureWords as words, degreesOfFreedom } from "@/wording/curves";
import { Choice } from "../../parts/Choice";
import { RunTextView } from "../../parts/RunTextView";
import { NumberView, StatementView, useDecimalMark } from "../../parts/StatementView";
import { useHouseRules } from "../../store/useEvaluated";
import { useActs } from "../../store/useInvestigation";

/** How near a curve comes to its points: R² and what else is known of it, also where there is one curve only. */
export function CurveMeasures({ fitted }: { fitted: FittedCurve }) {
  const { fit, order } = fitted;
  const marked = useDecimalMark();
  const squared = (value: number | undefined) =>
    value === undefined ? undefined : marked(writeRSquared(value));
  const plain = (value: number | undefined) =>
    value === undefined ? undefined : <NumberView number={writeNumber(value, 3)} unit={[]} />;
  const off = scatterOff(fitted);
  const rows: readonly (readonly [string, ReactNode])[] = [
    [words.points, fit.count],
    [words.freedom, fit.degreesOfFreedom],
    [
      words.off,
      off !== undefined && (
        <NumberView
          number={writeNumber(off, 2)}
          unit={writeUnitText(order.points.y.quantity.unit)}
        />
      ),
    ],
    [words.rSquared, squared(fit.rSquared)],
    [words.adjusted, squared(adjustedRSquared(fit))],
    [words.chiSquare, plain(fit.chiSquare)],
    [words.reduced, plain(fit.reducedChiSquare)],
  ];
  return (
    <dl
      data-testid="curve-measures"
      className="grid max-w-[360px] grid-cols-[1fr_auto] gap-x-4 gap-y-0.5"
    >
      {rows
        .filter(([, value]) => value !== undefined && value !== false)
        .map(([term, value]) => (
          <div key={term} className="contents">
            <dt className="text-soft">{term}</dt>
            <dd className="text-right">{value}</dd>
          </div>
        ))}
    </dl>
  );
}

/** Where the true value of each parameter lies at a level of confidence, chosen here for the bands too. */
export function CurveIntervals({ fitted, figure }: { fitted: FittedCurve; figure: string }) {
  const { figuresOfUncertainty } = useHouseRules();
  const marked = useDecimalMark();
  const { act } = useActs();
  const { id, curve, fit, order } = fitted;
  const halves = parameterHalves(fit, levelOf(curve));
  const told = fit.parameters.flatMap((parameter, place) => {
    const half = halves[place];
    return half === undefined || !(half > 0) || !Number.isFinite(half)
      ? []
      : [{ ...parameter, half, unit: writeUnit(order.units[place] ?? []) }];
  });
  return (
    <details>
      <summary className="text-petrol cursor-pointer font-semibold">{words.intervals}</summary>
      <div className="mt-2 flex flex-col gap-2">
        <Choice
          label={words.level}
          value={curve.level}
          options={curveValues.level.map((value) => ({ value, label: `${marked(value)} %` }))}
          onChange={(level) => act(setCurve, { figure, curve: id, change: { level } })}
        />
        {told.length > 0 ? (
          <dl data-testid={`intervals-${id}`} className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
            {told.map(({ name, value, half, unit }) => (
              <div key={name} className="contents">
                <dt className="font-serif">
                  <RunTextView runs={writeSymbol(name)} />
                </dt>
                <dd>
                  <StatementView
                    statement={writeStatement(value, half, figuresOfUncertainty)}
                    unit={unit}
                  />
                </dd>
              </div>
            ))}
          </dl>
        ) : (
          <p>{words.none}</p>
        )}
        <p className="text-soft">{degreesOfFreedom(fit.degreesOfFreedom)}</p>
      </div>
    </details>
  );
}
