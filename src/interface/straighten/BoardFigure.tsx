"use client";

import { straightenTexts } from "@/wording/straightenTexts";

import type { BoardCell } from "@/core/straighten/board";
import { isStraight } from "@/core/straighten/board";
import type { BoardDrawing } from "./boardDrawing";
import { saidMemo } from "../language/saidMemo";

/** The drawing of all pairs, behind the places of the board. */
export const BoardPicture = saidMemo(function BoardPicture({ drawing }: { drawing: BoardDrawing }) {
  const { width, height, points, bars, lines, straight, bent, ground } = drawing;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      style={{ gridColumn: "2 / -1", gridRow: "1 / -2" }}
      className="absolute inset-0 size-full bg-white"
      aria-hidden
    >
      <path d={ground} className="fill-bench" />
      <path d={bent} className="fill-soft/50" />
      <path d={straight} className="fill-petrol" />
      <path d={lines} className="stroke-ink/55 fill-none" strokeWidth={0.8} />
      <path d={bars} className="stroke-magenta/70 fill-none" strokeWidth={0.8} />
      <path d={points} strokeLinecap="round" className="stroke-ink fill-none" strokeWidth={3} />
    </svg>
  );
});

interface Props {
  cell: BoardCell;
  /** The pair as its two ids. */
  pair: string;
  name: string;
  selected: boolean;
  straightest: boolean;
}

/** The place of one pair over its small figure. */
export const BoardFigure = saidMemo(function BoardFigure(props: Props) {
  const { cell, pair, name, selected, straightest } = props;
  return (
    <div
      role="gridcell"
      data-pair={pair}
      aria-selected={selected}
      aria-label={straightenTexts[straightest ? "straightestCell" : "cell"]({
        name,
        said: said(cell),
      })}
      tabIndex={selected ? 0 : -1}
      className={`relative min-w-0 cursor-pointer border outline-none ${selected ? "border-petrol ring-petrol z-10 ring-1" : "border-hairline hover:border-soft"} focus-visible:ring-2`}
    >
      {!cell.straightness && (
        <span aria-hidden className="text-soft absolute inset-0 grid place-items-center">
          –
        </span>
      )}
      {straightest && (
        <span aria-hidden className="text-brass absolute top-0 right-0.5 text-[11px] leading-3">
          ★
        </span>
      )}
    </div>
  );
});

function said(cell: BoardCell): string {
  if (!cell.straightness) return straightenTexts.tooFewPoints;
  if (isStraight(cell.straightness)) return straightenTexts.straight;
  return cell.straightness.sign > 0 ? straightenTexts.bentUp : straightenTexts.bentDown;
}
