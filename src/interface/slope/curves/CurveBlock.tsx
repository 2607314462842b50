"use client";

import type { Quantity } from "@/investigation/model/quantity";
import { Said } from "../../parts/Said";
import { slopeTexts } from "@/wording/slopeTexts";
import { useEffect, useRef } from "react";
import { removeCurve } from "@/investigation/acts/removeCurve";
import { writeUnitText } from "@/core/unit/unitText";
import { setCurve } from "@/investigation/acts/setCurve";
import { modelOf } from "@/core/fit/families/fitFamily";
import type { Curve } from "@/investigation/model/curve";
import type { FigureFit } from "@/pipeline/lines/fit";
import { curveFittedSpoken } from "@/wording/curves";
import { findingSentence } from "@/wording/findings";
import { announce } from "../../keys/announcer";
import { Scrolled } from "../../parts/Scrolled";
import { Button } from "../../parts/Button";
import { PencilMark } from "../../parts/StageLayout";
import { RunTextView } from "../../parts/RunTextView";
import { SymbolView } from "../../parts/SymbolView";
import { TextField } from "../../parts/TextField";
import { Tick } from "../../parts/Tick";
import { type CurveState, useCurveKeeper } from "../../store/CurvesProvider";
import { useActs } from "../../store/useInvestigation";
import { CovarianceTable } from "./CovarianceTable";
import { CurveChoices } from "./CurveChoices";
import { CurveIntervals, CurveMeasures } from "./CurveMeasures";
import { CurveFormula } from "./CurveFormula";
import { ParameterTable, ParameterWishes } from "./ParameterTable";
import { ReadCurve } from "./ReadCurve";
import { HowFar } from "../../parts/HowFar";

/** Says that a fit that took long is there, to those who hear the page. */
function useSaidFit({ name, fitting, fitted }: CurveState): void {
  const long = fitting?.long ?? false;
  const was = useRef(long);
  useEffect(() => {
    if (was.current && !fitting && fitted) announce(curveFittedSpoken(name));
    was.current = long;
  }, [long, fitting, fitted, name]);
}

/** How far a long fit is, with a way to give it up; or a way to take it up again. */
function Progress({ state }: { state: CurveState }) {
  const { id, fitting, ordered, fitted, finding } = state;
  useSaidFit(state);
  const keeper = useCurveKeeper();
  if (ordered.kind !== "order") return null;
  const { order } = ordered;
  if (fitting?.long) {
    return (
      <div className="mt-1 flex items-center gap-3">
        <HowFar part={fitting.part} label={slopeTexts.fitted} />
        <Button look="quiet" onClick={() => keeper?.giveUp(order)}>
          {slopeTexts.giveUp}
        </Button>
      </div>
    );
  }
  const stopped = !fitting && !finding && fitted?.order !== order;
  return stopped ? (
    <Button onClick={() => keeper?.again(order, id)}>{slopeTexts.fitItAgain}</Button>
  ) : null;
}

function OwnFormula({ figure, id, curve }: { figure: string; id: string; curve: Curve }) {
  const { act } = useActs();
  return (
    <TextField
      label={slopeTexts.formula}
      value={curve.formula}
      placeholder={slopeTexts.aExpXBC}
      onChange={(formula) =>
        act(setCurve, { figure, curve: id, change: { formula } }, `curve/${id}/formula`)
      }
    />
  );
}

interface Props {
  figure: string;
  state: CurveState;
  fit: FigureFit;
}

/** A power is taken of a number in its unit. */
function CountsIn({ quantity }: { quantity: Quantity }) {
  return (
    <p className="text-soft">
      <Said
        parts={{
          symbol: <SymbolView quantity={quantity} />,
          unit: <RunTextView runs={writeUnitText(quantity.unit)} />,
        }}
        say={slopeTexts.countsIn}
      />
    </p>
  );
}

/** One curve: its formula, what was found, and what may be said of it. */
export function CurveBlock({ figure, state, fit }: Props) {
  const { act } = useActs();
  const { id, curve, name, fitted, finding } = state;
  const model = fitted?.fit.model ?? (curve.family === "own" ? undefined : modelOf(curve.family));
  const points = fit.groups.find(({ key }) => key === curve.series)?.points;
  return (
    <div
      role="group"
      aria-label={slopeTexts.curveName({ name })}
      className="flex flex-col gap-2 py-2"
    >
      <div className="flex items-center justify-between gap-2">
        <Tick
          label={<span className="font-semibold break-all">{name}</span>}
          checked={curve.shown}
          onChange={(shown) => act(setCurve, { figure, curve: id, change: { shown } })}
        />
        <Button look="quiet" onClick={() => act(removeCurve, { figure, curve: id })}>
          {slopeTexts.takeOff}
        </Button>
      </div>
      {curve.family === "own" && <OwnFormula figure={figure} id={id} curve={curve} />}
      {model && points && (
        <Scrolled label={slopeTexts.formulaAsPrinted}>
          <CurveFormula expression={model.expression} variable={model.variable} points={points} />
        </Scrolled>
      )}
      {fitted && !finding && <ParameterTable fitted={fitted} />}
      {curve.family === "power" && points && points.x.quantity.unit.trim() !== "" && (
        <CountsIn quantity={points.x.quantity} />
      )}
      <Progress state={state} />
      {finding && (
        <ul>
          <PencilMark>{findingSentence(finding)}</PencilMark>
        </ul>
      )}
      {fitted && !finding && <CurveMeasures fitted={fitted} />}
      {fitted && !finding && <CurveIntervals fitted={fitted} figure={figure} />}
      {fitted && !finding && <CovarianceTable fitted={fitted} />}
      {fitted && !finding && <ReadCurve fitted={fitted} figure={figure} />}
      {model && <ParameterWishes figure={figure} id={id} curve={curve} names={model.parameters} />}
      <details>
        <summary className="text-petrol cursor-pointer font-semibold">
          {slopeTexts.howItIsFittedAnd}
        </summary>
        <div className="mt-2">
          <CurveChoices figure={figure} id={id} curve={curve} fit={fit} />
        </div>
      </details>
    </div>
  );
}
