"use client";

import type { ReactNode } from "react";
import { writeNumber, writeStatement } from "@/core/number/writtenNumber";
import { writeUnitText } from "@/core/unit/unitText";
import { setLine } from "@/investigation/acts/setLine";
import type { FigurePoints } from "@/pipeline/fit";
import { interceptSentence } from "@/wording/lines";
import { MarginNote } from "../parts/StageLayout";
import { NumberView, StatementView } from "../parts/StatementView";
import { Tick } from "../parts/Tick";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

interface Props {
  points: FigurePoints;
  /** " (thin wire)" where there are several lines; nothing where there is one. */
  of: ReactNode;
  intercept: number;
  /** Half of the intercept's range, or its standard error. */
  half: number | undefined;
}

/** The intercept, and whether the line may go through zero. */
export function ZeroNote({ points, of, intercept, half }: Props) {
  const { figuresOfUncertainty } = useHouseRules();
  const chosen = useFigure();
  const { act } = useActs();
  if (!chosen) return null;
  const { line } = chosen.figure;
  const unit = writeUnitText(points.y.quantity.unit);
  const held = line.held === "zero" || line.held === "intercept";
  return (
    <MarginNote title={<>Does the line go through zero?{of}</>}>
      <p data-testid="intercept" className="font-serif text-base">
        intercept ={" "}
        {half === undefined || half === 0 ? (
          <NumberView number={writeNumber(intercept, 4)} unit={unit} />
        ) : (
          <StatementView
            statement={writeStatement(intercept, half, figuresOfUncertainty)}
            unit={unit}
          />
        )}
      </p>
      <p className="mt-1">
        {interceptSentence({ intercept, half, held, expected: line.expectsZero })}
      </p>
      {!held && (
        <div className="mt-2">
          <Tick
            label="The theory says that it does"
            checked={line.expectsZero}
            onChange={(expectsZero) => act(setLine, { figure: chosen.id, change: { expectsZero } })}
          />
        </div>
      )}
    </MarginNote>
  );
}
