"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { slopeTexts } from "@/wording/slopeTexts";
import type { LineFit } from "@/core/fit/lineFit";
import { confidenceIntervals } from "@/core/fit/lineIntervals";
import { writeStatement } from "@/core/number/writtenNumber";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import { setLine } from "@/investigation/acts/setLine";
import { type LineChoice, lineValues } from "@/investigation/model/figure";
import { levelOf } from "@/pipeline/figure/figureLines";
import type { FigurePoints } from "@/pipeline/lines/fit";
import { bandWords } from "@/wording/lines";
import { Choice } from "../parts/Choice";
import { StatementView, useDecimalMark } from "../parts/StatementView";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

interface Props {
  line: LineFit;
  points: FigurePoints;
}

const kinds = lineValues.bands.map((value) => ({ value, label: bandWords[value] }));

/** Which bands are drawn, at which level, and the intervals of slope and intercept at it. */
export function BandsNote({ line, points }: Props) {
  const chosen = useFigure();
  const { figuresOfUncertainty, slopeWord } = useHouseRules();
  const marked = useDecimalMark();
  const { act } = useActs();
  if (!chosen) return null;
  const choice = chosen.figure.line;
  const change = (part: Partial<LineChoice>) => act(setLine, { figure: chosen.id, change: part });
  const found = line.degreesOfFreedom > 0 ? confidenceIntervals(line, levelOf(choice)) : undefined;
  const levels = lineValues.level.map((value) => ({ value, label: `${marked(value)} %` }));
  const [x, y] = [points.x.quantity, points.y.quantity];
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-3">
        <Choice
          value={choice.bands}
          label={slopeTexts.bands}
          options={kinds}
          onChange={(bands) => change({ bands })}
        />
        <Choice
          value={choice.level}
          label={slopeTexts.level}
          options={levels}
          onChange={(level) => change({ level })}
        />
      </div>
      {found ? (
        <dl data-testid="intervals" className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
          <dt className="text-soft">{slopeWordText(slopeWord)}</dt>
          <dd>
            <StatementView
              statement={writeStatement(line.slope, found.slope.half, figuresOfUncertainty)}
              unit={writeSlopeUnit(y.unit, x.unit)}
            />
          </dd>
          <dt className="text-soft">{slopeTexts.intercept}</dt>
          <dd>
            <StatementView
              statement={writeStatement(line.intercept, found.intercept.half, figuresOfUncertainty)}
              unit={writeUnitText(y.unit)}
            />
          </dd>
        </dl>
      ) : (
        <p>{slopeTexts.intervalsAndBandsNeedThree}</p>
      )}
      <p className="text-soft">
        {slopeTexts.studentSTWithDegreesoffreedom({ degreesOfFreedom: line.degreesOfFreedom })}
      </p>
    </div>
  );
}
