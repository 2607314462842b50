"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { useState } from "react";
import type { FittedParameter } from "@/core/fit/curves/curveFit";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnit } from "@/core/unit/unitText";
import { setParameter } from "@/investigation/acts/setParameter";
import { type Curve, type CurveParameter, plainParameter } from "@/investigation/model/curve";
import type { FittedCurve } from "@/pipeline/curves/fittedCurves";
import { notTold } from "@/wording/curves";
import { RunTextView } from "../../parts/RunTextView";
import { NumberView, StatementView } from "../../parts/StatementView";
import { TextField } from "../../parts/TextField";
import { Tick } from "../../parts/Tick";
import { useHouseRules } from "../../store/useEvaluated";
import { useActs } from "../../store/useInvestigation";

function Value({
  parameter,
  unit,
}: {
  parameter: FittedParameter;
  unit: FittedCurve["order"]["units"][number];
}) {
  const { figuresOfUncertainty } = useHouseRules();
  const { value, standardError, fixed, undetermined } = parameter;
  const runs = writeUnit(unit ?? []);
  if (undetermined) return <span className="text-soft">{notTold()}</span>;
  if (standardError !== undefined && standardError > 0 && Number.isFinite(standardError)) {
    const statement = writeStatement(value, standardError, figuresOfUncertainty);
    return <StatementView statement={statement} unit={runs} />;
  }
  return (
    <>
      <NumberView number={writeNumber(value, 4)} unit={runs} />
      {fixed && <span className="text-soft"> {slopeTexts.kept}</span>}
    </>
  );
}

/** Every parameter with its ± and unit. */
export function ParameterTable({ fitted: { id, fit, order } }: { fitted: FittedCurve }) {
  return (
    <dl
      data-testid={`parameters-${id}`}
      className="grid max-w-[360px] grid-cols-[auto_1fr] gap-x-3 gap-y-1"
    >
      {fit.parameters.map((parameter, place) => (
        <div key={parameter.name} className="contents">
          <dt className="font-serif">
            <RunTextView runs={writeSymbol(parameter.name)} /> =
          </dt>
          <dd>
            <Value parameter={parameter} unit={order.units[place]} />
          </dd>
        </div>
      ))}
    </dl>
  );
}

const bounds = ["start", "least", "most"] as const;

interface WishesProps {
  figure: string;
  id: string;
  curve: Curve;
  names: readonly string[];
}

/** What may be said of each parameter: where to start, whether to keep it there, how far it may go. */
export function ParameterWishes({ figure, id, curve, names }: WishesProps) {
  const { act } = useActs();
  const [open, setOpen] = useState(false);
  const change = (name: string, part: Partial<CurveParameter>, field = "") =>
    act(
      setParameter,
      { figure, curve: id, name, change: part },
      field && `parameter/${id}/${name}/${field}`,
    );
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="text-petrol cursor-pointer font-semibold">
        {slopeTexts.startingValuesAndBounds}
      </summary>
      {open &&
        names.map((name) => {
          const said = curve.parameters[name] ?? plainParameter;
          return (
            <div
              key={name}
              role="group"
              aria-label={slopeTexts.parameterName({ name })}
              className="mt-2"
            >
              <div className="flex items-baseline justify-between">
                <span className="font-serif">
                  <RunTextView runs={writeSymbol(name)} />
                </span>
                <Tick
                  label={slopeTexts.keepAtItsStart}
                  checked={said.fixed}
                  onChange={(fixed) => change(name, { fixed })}
                />
              </div>
              <div className="grid grid-cols-3 gap-2">
                {bounds.map((field) => (
                  <TextField
                    key={field}
                    label={slopeTexts.bounds[field]}
                    value={said[field]}
                    placeholder={field === "start" ? slopeTexts.found : slopeTexts.none}
                    onChange={(text) => change(name, { [field]: text }, field)}
                  />
                ))}
              </div>
            </div>
          );
        })}
    </details>
  );
}
