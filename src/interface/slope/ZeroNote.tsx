"use client";

import { Said } from "../parts/Said";
import { slopeTexts } from "@/wording/slopeTexts";
import type { ReactNode } from "react";
import { setLine } from "@/investigation/acts/setLine";
import type { FigurePoints } from "@/pipeline/lines/fit";
import { statedLedger } from "@/pipeline/lines/lineLedger";
import type { StatedLine } from "@/pipeline/lines/statedLine";
import { interceptSentence } from "@/wording/lines";
import { MarginNote } from "../parts/StageLayout";
import { Tick } from "../parts/Tick";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { LedgerEntry as Entry } from "../parts/LedgerEntry";

interface Props {
  points: FigurePoints;
  /** " (thin wire)" where there are several lines; nothing where there is one. */
  of: ReactNode;
  stated: StatedLine;
}

/** The intercept, and whether the line may go through zero. */
export function ZeroNote({ points, of, stated }: Props) {
  const { ofIntercept: half, line: best } = stated;
  const { figuresOfUncertainty } = useHouseRules();
  const chosen = useFigure();
  const { act } = useActs();
  if (!chosen) return null;
  const { line } = chosen.figure;
  const held = line.held === "zero" || line.held === "intercept";
  return (
    <MarginNote
      title={
        <>
          {slopeTexts.doesTheLineGoThrough}
          {of}
        </>
      }
    >
      <p data-testid="intercept" className="font-serif text-base">
        <Said
          parts={{
            number: <Entry row={statedLedger(stated, points, figuresOfUncertainty).intercept} />,
          }}
          say={slopeTexts.interceptEquals}
        />
      </p>
      <p className="mt-1">
        {interceptSentence({ intercept: best.intercept, half, held, expected: line.expectsZero })}
      </p>
      {!held && (
        <div className="mt-2">
          <Tick
            label={slopeTexts.theTheorySaysThatIt}
            checked={line.expectsZero}
            onChange={(expectsZero) => act(setLine, { figure: chosen.id, change: { expectsZero } })}
          />
        </div>
      )}
    </MarginNote>
  );
}
