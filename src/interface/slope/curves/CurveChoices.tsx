"use client";

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

const weights = { none: "none: every point alike", y: "those of y" } as const;

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
      placeholder="all"
      onChange={(next) => change({ [field]: next }, field)}
    />
  );
  return (
    <div className="flex flex-col gap-2">
      {fit.groups.length > 1 && (
        <Choice
          label="Through the points of"
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
          label="Band"
          value={curve.bands}
          options={options(bandsOfCurve)}
          onChange={(bands) => change({ bands })}
        />
        {text("from", "Readings from")}
        {text("to", "to")}
      </div>
      <Choice
        label="Drawn"
        value={curve.reach}
        options={options(reachOfCurve)}
        onChange={(reach) => change({ reach })}
      />
      {curve.reach === "stretch" && (
        <div className="grid grid-cols-2 gap-3">
          {text("drawnFrom", "Drawn from")}
          {text("drawnTo", "to ")}
        </div>
      )}
    </div>
  );
}
