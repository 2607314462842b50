"use client";

import { memo } from "react";
import { type BoardCell, straightBend } from "@/core/straighten/board";
import { smallFigure, smallSize } from "./smallFigure";

interface Props {
  cell: BoardCell;
  name: string;
  selected: boolean;
  straightest: boolean;
}

/** One small figure of the board with its straightness bar: the longer, the straighter. */
export const BoardFigure = memo(function BoardFigure({ cell, name, selected, straightest }: Props) {
  const paths = smallFigure(cell);
  const { straightness } = cell;
  const straight = straightness !== undefined && straightness.bend < straightBend;
  return (
    <div
      role="gridcell"
      aria-selected={selected}
      aria-label={`${name}: ${said(cell)}${straightest ? ", the straightest" : ""}`}
      tabIndex={selected ? 0 : -1}
      className={`relative min-w-0 cursor-pointer border bg-white outline-none ${selected ? "border-petrol ring-petrol z-10 ring-1" : "border-hairline hover:border-soft"} focus-visible:ring-2`}
    >
      {paths ? (
        <svg
          viewBox={`0 0 ${smallSize.width} ${smallSize.height}`}
          preserveAspectRatio="none"
          className="block size-full"
          aria-hidden
        >
          <path d={paths.line} className="stroke-ink/55 fill-none" strokeWidth={0.8} />
          <path d={paths.bars} className="stroke-magenta/70 fill-none" strokeWidth={0.8} />
          <path
            d={paths.points}
            strokeLinecap="round"
            className="stroke-ink fill-none"
            strokeWidth={3}
          />
        </svg>
      ) : (
        <span aria-hidden className="text-soft absolute inset-0 grid place-items-center">
          –
        </span>
      )}
      <span aria-hidden className="bg-bench absolute inset-x-0 bottom-0 h-[3px]">
        <span
          className={`block h-full ${straight ? "bg-petrol" : "bg-soft/50"}`}
          style={{ width: `${100 * (straightness?.straight ?? 0)}%` }}
        />
      </span>
      {straightest && (
        <span aria-hidden className="text-brass absolute top-0 right-0.5 text-[11px] leading-3">
          ★
        </span>
      )}
    </div>
  );
});

function said({ straightness }: BoardCell): string {
  if (!straightness) return "too few points";
  return straightness.bend < straightBend
    ? "straight"
    : `bent ${straightness.sign > 0 ? "upwards" : "downwards"}`;
}
