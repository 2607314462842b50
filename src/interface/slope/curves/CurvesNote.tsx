"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { nanoid } from "nanoid";
import { addCurve } from "@/investigation/acts/addCurve";
import { type CurveFamily, curveFamilies } from "@/investigation/model/curve";
import { limits } from "@/investigation/model/limits";
import { setLine } from "@/investigation/acts/setLine";
import type { LineChoice } from "@/investigation/model/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import type { FittedCurve } from "@/pipeline/curves/fittedCurves";
import { familyNames } from "@/wording/curves";
import { Choice } from "../../parts/Choice";
import { MarginNote } from "../../parts/StageLayout";
import { Tick } from "../../parts/Tick";
import { useCurvesOf } from "../../store/CurvesProvider";
import { useActs } from "../../store/useInvestigation";
import { CompareCurves } from "./CompareCurves";
import { CurveBlock } from "./CurveBlock";

const families = [
  {
    value: "none" as const,
    get label() {
      return slopeTexts.chooseACurve;
    },
  },
  ...curveFamilies.map((value) => ({ value, label: familyNames[value] })),
];

interface Props {
  figure: string;
  fit: FigureFit;
  line: LineChoice;
}

/** Curves through the same points, where there are several: only those can be compared. */
function throughTheSame(fitted: readonly FittedCurve[]): readonly (readonly FittedCurve[])[] {
  const series = [...new Set(fitted.map(({ curve }) => curve.series))];
  return series
    .map((key) => fitted.filter(({ curve }) => curve.series === key))
    .filter(({ length }) => length > 1);
}

/** The curves of a figure: what each gave, how they compare, and a further one. */
export function CurvesNote({ figure, fit, line }: Props) {
  const { act } = useActs();
  const curves = useCurvesOf(figure);
  const fitted = curves.flatMap((one) => one.fitted ?? []);
  const series = fit.groups[0]?.key ?? "";
  const add = (family: CurveFamily) => act(addCurve, { figure, id: nanoid(10), family, series });
  return (
    <MarginNote title={slopeTexts.curves}>
      <div className="divide-hairline divide-y">
        {curves.map((state) => (
          <CurveBlock key={state.id} figure={figure} state={state} fit={fit} />
        ))}
      </div>
      {throughTheSame(fitted).map((same) => (
        <CompareCurves key={same[0]!.curve.series} curves={same} />
      ))}
      {fitted.length > 0 && !line.best && (
        <div className="py-2">
          <Tick
            label={fitted.length > 1 ? slopeTexts.howFarEachPointIs : slopeTexts.howFarEachPointIs2}
            checked={line.strip !== "none"}
            onChange={(on) => act(setLine, { figure, change: { strip: on ? "unit" : "none" } })}
          />
        </div>
      )}
      {curves.length < limits.curves && (
        <div className="mt-2 max-w-[240px]">
          <Choice
            label={curves.length === 0 ? slopeTexts.fitACurve : slopeTexts.fitAFurtherCurve}
            value="none"
            options={families}
            onChange={(family) => family !== "none" && add(family)}
          />
        </div>
      )}
      {curves.length === 0 && <p className="text-soft mt-2">{slopeTexts.whereALineIsNot}</p>}
    </MarginNote>
  );
}
