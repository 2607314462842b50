"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { slopeTexts } from "@/wording/slopeTexts";
import { type ReactNode, useDeferredValue, useMemo, useState } from "react";
import type { LineFit } from "@/core/fit/lineFit";
import { writeNumber } from "@/core/number/writtenNumber";
import { setLine } from "@/investigation/acts/setLine";
import type { LineChoice } from "@/investigation/model/figure";
import type { FigureFit, SeriesFit } from "@/pipeline/lines/fit";
import { besideHalf } from "@/pipeline/lines/lineEquation";
import { type Residuals, residualsOf, slopesWithout } from "@/pipeline/lines/residuals";
import { residualFigure } from "@/pipeline/figure/residualFigure";
import { patternSentence } from "@/wording/lines";
import { Choice } from "../parts/Choice";
import { SceneView } from "../parts/SceneView";
import { MarginNote } from "../parts/StageLayout";
import { NumberView, useDecimalMark } from "../parts/StatementView";
import { Tick } from "../parts/Tick";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

interface Props {
  /** " (thin wire)" where there are several lines; nothing where there is one. */
  of: ReactNode;
  one: SeriesFit;
  line: LineFit;
  whole: FigureFit;
  choice: LineChoice;
  /** The id of the figure. */
  figure: string;
}

const units = [
  {
    value: "unit" as const,
    get label() {
      return slopeTexts.inTheUnitOfY;
    },
  },
  {
    value: "bars" as const,
    get label() {
      return slopeTexts.countedInBars;
    },
  },
];

const unlikely = 0.05;

/** What the pattern of the readings about the line says, with its probabilities. */
function Pattern({ off: { runs, curvature } }: { off: Residuals }) {
  const marked = useDecimalMark();
  const chance = (probability: number) =>
    probability < 0.001
      ? slopeTexts.lessThan01
      : `${marked(String(Number((100 * probability).toPrecision(2))))} %`;
  const bent = (runs && runs.probability < unlikely) || (curvature && curvature.probability < 0.01);
  return (
    <div data-testid="pattern" className="mt-2">
      <p>{patternSentence(runs?.pattern, bent ?? false)}</p>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-4 gap-y-0.5">
        {runs && (
          <>
            <dt className="text-soft">{slopeTexts.soFewChangesOfSide}</dt>
            <dd className="text-right">{chance(runs.probability)}</dd>
          </>
        )}
        {curvature && (
          <>
            <dt className="text-soft">{slopeTexts.soMuchOfABend}</dt>
            <dd className="text-right">{chance(curvature.probability)}</dd>
          </>
        )}
      </dl>
    </div>
  );
}

const mostRows = 100;

/** How strongly each reading holds the line, and what the slope would be without it. */
function Influence({ one, line, whole, choice, off }: Omit<Props, "of"> & { off: Residuals }) {
  const rules = useHouseRules();
  const without = useMemo(() => slopesWithout(one.fitted, choice, rules), [one, choice, rules]);
  const numbers = new Map(whole.table.rows.map(({ id }, index) => [id, index + 1]));
  const marked = useDecimalMark();
  return (
    <table className="mt-2 w-full max-w-[360px] text-right" data-testid="influence">
      <thead>
        <tr className="text-soft border-hairline border-b text-xs">
          <th className="text-left font-normal">{slopeTexts.row}</th>
          <th className="font-normal">{slopeTexts.offTheLine}</th>
          <th className="font-normal">{slopeTexts.hold}</th>
          <th className="font-normal">
            {slopeTexts.slopewordWithoutIt({ slopeWord: slopeWordText(rules.slopeWord) })}
          </th>
        </tr>
      </thead>
      <tbody>
        {off.points.slice(0, mostRows).map(({ index, off: distance, leverage }) => {
          const slope = without[index];
          return (
            <tr key={index} className="border-hairline border-b">
              <td className="text-left">{numbers.get(one.fitted.rows[index]?.id ?? "")}</td>
              <td>
                <NumberView
                  number={
                    line.residualStandardDeviation
                      ? besideHalf(distance, line.residualStandardDeviation)
                      : writeNumber(distance, 2)
                  }
                  unit={[]}
                />
              </td>
              <td>{leverage !== undefined && marked(leverage.toFixed(2))}</td>
              <td>
                {slope !== undefined && (
                  <NumberView
                    number={writeNumber(slope, figuresBeside(slope, line.standardErrorOfSlope))}
                    unit={[]}
                  />
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** So many figures that the last is that of the second figure of its standard error. */
function figuresBeside(slope: number, error: number | undefined): number {
  if (!error || slope === 0) return 5;
  const place = Math.floor(Math.log10(Math.abs(slope))) - Math.floor(Math.log10(error));
  return Math.min(10, Math.max(2, place + 2));
}

/** The strip of how far each reading is off the line, its pattern, and what each reading does to the slope. */
export function ResidualsNote(props: Props) {
  const { one, line, of, choice, figure } = props;
  const rules = useHouseRules();
  const { act } = useActs();
  const shown = choice.strip !== "none";
  const [chosenUnit, setUnit] = useState<"unit" | "bars">("unit");
  const unit = choice.strip === "none" ? chosenUnit : choice.strip;
  const under = (strip: LineChoice["strip"]) => act(setLine, { figure, change: { strip } });
  const [open, setOpen] = useState(false);
  const off = useMemo(() => residualsOf(one.fitted, line, rules), [one, line, rules]);
  const barred = off.points.some(({ bar }) => bar > 0);
  const strip = useMemo(
    () => residualFigure(one, off, rules, unit === "bars" && barred),
    [one, off, rules, unit, barred],
  );
  const drawn = useDeferredValue(strip);
  return (
    <MarginNote
      title={
        <>
          {slopeTexts.howFarEachReadingIs}
          {of}
        </>
      }
    >
      {!shown && (
        <div className="max-w-[340px]" data-testid="off-the-line">
          <SceneView figure={drawn} />
        </div>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
        {barred && (
          <div className="w-[180px]">
            <Choice
              label={slopeTexts.measured}
              value={unit}
              options={units}
              onChange={(next) => {
                setUnit(next);
                if (shown) under(next);
              }}
            />
          </div>
        )}
        <Tick
          label={slopeTexts.underTheFigure}
          checked={shown}
          onChange={(on) => under(on ? unit : "none")}
        />
      </div>
      <Pattern off={off} />
      <details className="mt-2" onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="text-petrol cursor-pointer font-semibold">
          {slopeTexts.whatEachReadingDoes}
        </summary>
        {open && <Influence {...props} off={off} />}
      </details>
    </MarginNote>
  );
}
