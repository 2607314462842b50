"use client";

import { Said } from "../parts/Said";
import { straightenTexts } from "@/wording/straightenTexts";
import { type ReactNode, useMemo } from "react";
import { writeSymbol } from "@/core/unit/symbolText";
import type { BoardCell } from "@/core/straighten/board";
import {
  smallPairSpecification,
  type Straightening,
  transformSymbol,
} from "@/pipeline/straighten/straightening";
import { straightnessSentence } from "@/wording/straighten";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { SceneView } from "../parts/SceneView";
import { MarginNote } from "../parts/StageLayout";
import { useHouseRules } from "../store/useEvaluated";
import type { PairOnBoard } from "./pairMenu";

interface Props {
  whole: Straightening;
  pair: PairOnBoard;
  ownX: string;
  ownY: string;
  full: boolean;
  onPlot: (pair: PairOnBoard) => void;
  /** Why the pair is not straight, where it is not. */
  children?: ReactNode;
}

function cellOf({ board }: Straightening, { x, y }: PairOnBoard): BoardCell | undefined {
  return board.rows.flat().find((cell) => cell.across.id === x && cell.up.id === y);
}

/** The pair in hand, larger, with how straight it is, and the way to Plot. */
export function PairNote({ whole, pair, ownX, ownY, full, onPlot, children }: Props) {
  const rules = useHouseRules();
  const cell = cellOf(whole, pair);
  const up = transformSymbol(pair.y, whole.y.quantity.symbol || "y", ownY);
  const across = transformSymbol(pair.x, whole.x.quantity.symbol || "x", ownX);
  const figure = useMemo(
    () => cell && smallPairSpecification(cell, { up, across }, rules),
    [cell, up, across, rules],
  );
  const symbols = {
    up: <RunTextView runs={writeSymbol(up)} />,
    across: <RunTextView runs={writeSymbol(across)} />,
  };
  const barred = cell ? [...cell.up.up, ...cell.across.up].some((bar) => bar > 0) : false;
  const lost = cell ? Math.max(cell.across.beyond, cell.up.beyond) : 0;
  return (
    <MarginNote title={<Said parts={symbols} say={straightenTexts.against} />} about="pair">
      {figure && (
        <div className="max-w-[340px]" data-testid="pair-figure">
          <SceneView figure={figure} />
        </div>
      )}
      <p data-testid="straightness" className="mt-1">
        {straightnessSentence(cell?.straightness, barred)}
      </p>
      {lost > 0 && (
        <p className="text-soft">{straightenTexts.lostOtherLostReadingsHave({ lost })}</p>
      )}
      {children}
      <div className="mt-2">
        <Button look="main" disabled={full} onClick={() => onPlot(pair)}>
          <span>
            <Said parts={symbols} say={straightenTexts.plotPair} />
          </span>
        </Button>
      </div>
      {full && <p className="text-soft mt-1">{straightenTexts.thereIsNoRoomFor}</p>}
    </MarginNote>
  );
}
