"use client";

import { straightenTexts } from "@/wording/straightenTexts";
import { FirstStep } from "../parts/FirstStep";
import { useState } from "react";
import { isStraight } from "@/core/straighten/board";
import type { Straightening } from "@/pipeline/straighten/straightening";
import { StageMarks } from "../marks/StageMarks";
import { MarginNote, StageLayout } from "../parts/StageLayout";
import { useInvestigation } from "../store/useInvestigation";
import { BoardChoices } from "./BoardChoices";
import { useNarrow } from "../parts/useNarrow";
import { BoardGrid, BoardList } from "./BoardGrid";
import type { PairOnBoard } from "./pairMenu";
import { FromPointsNote } from "./FromPointsNote";
import { PairNote } from "./PairNote";
import { StaysCurvedNote } from "./StaysCurvedNote";
import { TheoryNote } from "./TheoryNote";
import { WhyBentPart } from "./WhyBentPart";
import { usePlotPair } from "./usePlotPair";
import { useStraightening } from "./useStraightening";

/** Fewer points than this say nothing of a curve. */
const fewest = 4;

/** Whether no pair of the board is straight, or y is no function of x at all. */
function isBent({ board, suggestions }: Straightening): boolean {
  if (suggestions.includes("two-for-one")) return true;
  return board.rows.flat().every(({ straightness }) => !isStraight(straightness));
}

function HowToRead() {
  return (
    <MarginNote title={straightenTexts.howToReadTheBoard}>
      <p className="text-soft">{straightenTexts.eachSmallFigureShowsThe}</p>
    </MarginNote>
  );
}

function Board({ whole }: { whole: Straightening }) {
  const { ownX, ownY } = useInvestigation((state) => state.document.board);
  const plot = usePlotPair();
  const narrow = useNarrow();
  const [chosen, setChosen] = useState<PairOnBoard>();
  const { across, up, straightest } = whole.board;
  const there =
    chosen && across.some(({ id }) => id === chosen.x) && up.some(({ id }) => id === chosen.y);
  const pair = there ? chosen : (straightest ?? { x: "1" as const, y: "1" as const });
  const onPlot = ({ x, y }: PairOnBoard) => plot.transforms(whole, x, y, ownX, ownY);
  const board = { whole, ownX, ownY, onPlot, full: plot.full };
  const few = whole.count < fewest;
  const bent = isBent(whole);
  return (
    <StageLayout
      page={
        <div className="flex flex-col min-[900px]:h-full">
          {!few && <h1 className="sr-only">{straightenTexts.straightenBoard}</h1>}
          <BoardChoices whole={whole} />
          {few ? (
            <FirstStep heading={straightenTexts.straightenBoard} text={straightenTexts.needsRows} />
          ) : narrow ? (
            <BoardList {...board} selected={pair} onSelect={setChosen} />
          ) : (
            <BoardGrid {...board} selected={pair} onSelect={setChosen} />
          )}
        </div>
      }
      margin={
        <>
          {!few && (
            <PairNote {...board} pair={pair}>
              <WhyBentPart
                whole={whole}
                pair={pair}
                ownX={ownX}
                ownY={ownY}
                plot={plot}
                onSelect={setChosen}
              />
            </PairNote>
          )}
          <TheoryNote plot={plot} />
          {!few && <FromPointsNote whole={whole} />}
          <StageMarks stage="straighten" go={() => undefined} />
          {!few && bent && <StaysCurvedNote whole={whole} plot={plot} />}
          <HowToRead />
        </>
      }
    />
  );
}

/** Straighten: which pair of transforms makes the readings, or a theory, a straight line. */
export function StraightenRoom() {
  const whole = useStraightening();
  if (!whole) {
    return (
      <StageLayout
        page={<FirstStep heading={straightenTexts.stage} text={straightenTexts.needsTwo} />}
        margin={null}
      />
    );
  }
  return <Board whole={whole} />;
}
