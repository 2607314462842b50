"use client";

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
        <HowFar part={fitting.part} label="Fitted" />
        <Button look="quiet" onClick={() => keeper?.giveUp(order)}>
          Give up
        </Button>
      </div>
    );
  }
  const stopped = !fitting && !finding && fitted?.order !== order;
  return stopped ? <Button onClick={() => keeper?.again(order, id)}>Fit it again</Button> : null;
}

function OwnFormula({ figure, id, curve }: { figure: string; id: string; curve: Curve }) {
  const { act } = useActs();
  return (
    <TextField
      label="Formula"
      value={curve.formula}
      placeholder="a*exp(-x/b) + c"
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

/** One curve: its formula, what was found, and what may be said of it. */
export function CurveBlock({ figure, state, fit }: Props) {
  const { act } = useActs();
  const { id, curve, name, fitted, finding } = state;
  const model = fitted?.fit.model ?? (curve.family === "own" ? undefined : modelOf(curve.family));
  const points = fit.groups.find(({ key }) => key === curve.series)?.points;
  return (
    <div role="group" aria-label={`Curve: ${name}`} className="flex flex-col gap-2 py-2">
      <div className="flex items-center justify-between gap-2">
        <Tick
          label={<span className="font-semibold break-all">{name}</span>}
          checked={curve.shown}
          onChange={(shown) => act(setCurve, { figure, curve: id, change: { shown } })}
        />
        <Button look="quiet" onClick={() => act(removeCurve, { figure, curve: id })}>
          Take off
        </Button>
      </div>
      {curve.family === "own" && <OwnFormula figure={figure} id={id} curve={curve} />}
      {model && points && (
        <Scrolled label="Formula as printed">
          <CurveFormula expression={model.expression} variable={model.variable} points={points} />
        </Scrolled>
      )}
      {fitted && !finding && <ParameterTable fitted={fitted} />}
      {curve.family === "power" && points && points.x.quantity.unit.trim() !== "" && (
        <p className="text-soft">
          <SymbolView quantity={points.x.quantity} /> counts as its number in{" "}
          <RunTextView runs={writeUnitText(points.x.quantity.unit)} />.
        </p>
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
          How it is fitted and drawn
        </summary>
        <div className="mt-2">
          <CurveChoices figure={figure} id={id} curve={curve} fit={fit} />
        </div>
      </details>
    </div>
  );
}
