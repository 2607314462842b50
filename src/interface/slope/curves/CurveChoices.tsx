"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { BarsThatCount } from "../BarsThatCount";
import { options } from "../../parts/options";
import { setCurve } from "@/investigation/acts/setCurve";
import type { Curve } from "@/investigation/model/curve";
import { seriesName } from "@/pipeline/figure/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import { bandsOfCurve, reachOfCurve } from "@/wording/curves";
import { Choice } from "../../parts/Choice";
import { TextField } from "../../parts/TextField";
import { useActs } from "../../store/useInvestigation";

const weights = {
  get none() {
    return slopeTexts.noneEveryPointAlike;
  },
  get y() {
    return slopeTexts.thoseOfY;
  },
} as const;

interface Props {
  figure: string;
  id: string;
  curve: Curve;
  fit: FigureFit;
}

/** Which readings and bars count for a curve, and how far it is drawn. */
export function CurveChoices({ figure, id, curve, fit }: Props) {
  const { act } = useActs();
  const change = (part: Partial<Curve>, field = "") =>
    act(setCurve, { figure, curve: id, change: part }, field && `curve/${id}/${field}`);
  const text = (field: "from" | "to" | "drawnFrom" | "drawnTo", label: string) => (
    <TextField
      label={label}
      value={curve[field]}
      placeholder={slopeTexts.all}
      onChange={(next) => change({ [field]: next }, field)}
    />
  );
  return (
    <div className="flex flex-col gap-2">
      {fit.groups.length > 1 && (
        <Choice
          label={slopeTexts.throughThePointsOf}
          value={curve.series}
          options={fit.groups.map((one) => ({ value: one.key, label: seriesName(one, fit) }))}
          onChange={(series) => change({ series })}
        />
      )}
      <div className="grid grid-cols-2 gap-3">
        <BarsThatCount
          value={curve.weights}
          words={weights}
          onChange={(next) => change({ weights: next })}
        />
        <Choice
          label={slopeTexts.band}
          value={curve.bands}
          options={options(bandsOfCurve)}
          onChange={(bands) => change({ bands })}
        />
        {text("from", slopeTexts.lineFields.from)}
        {text("to", slopeTexts.lineFields.to)}
      </div>
      <Choice
        label={slopeTexts.drawn}
        value={curve.reach}
        options={options(reachOfCurve)}
        onChange={(reach) => change({ reach })}
      />
      {curve.reach === "stretch" && (
        <div className="grid grid-cols-2 gap-3">
          {text("drawnFrom", slopeTexts.drawnFrom)}
          {text("drawnTo", slopeTexts.drawnTo)}
        </div>
      )}
    </div>
  );
}
