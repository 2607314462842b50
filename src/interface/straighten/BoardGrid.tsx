"use client";

import { straightenTexts } from "@/wording/straightenTexts";
import { arrowSteps } from "../parts/arrowSteps";
import { type KeyboardEvent, type MouseEvent, useMemo, useRef } from "react";
import { type BoardCell, byStraightness, isStraight } from "@/core/straighten/board";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { TransformId } from "@/core/straighten/transforms";
import { type Straightening, transformSymbol } from "@/pipeline/straighten/straightening";
import { boardWords, pairName, transformWords } from "@/wording/straighten";
import { ActsMenu } from "../parts/ActsMenu";
import { RunTextView } from "../parts/RunTextView";
import { boardDrawing } from "./boardDrawing";
import { BoardFigure, BoardPicture } from "./BoardFigure";
import { pairAt, pairMenu, type PairOnBoard } from "./pairMenu";

interface Props {
  whole: Straightening;
  ownX: string;
  ownY: string;
  selected: PairOnBoard | undefined;
  onSelect: (pair: PairOnBoard) => void;
  onPlot: (pair: PairOnBoard) => void;
  /** No room is left for what a pair would have worked out. */
  full: boolean;
}

function clamp(value: number, most: number): number {
  return Math.min(most, Math.max(0, value));
}

/** What keys do on the board: arrows move, Home and End go along a row, Enter plots. */
function useKeys({ whole: { board }, selected, onSelect, onPlot }: Props) {
  const grid = useRef<HTMLDivElement>(null);
  const { across, up } = board;
  const column = across.findIndex(({ id }) => id === selected?.x);
  const row = up.findIndex(({ id }) => id === selected?.y);
  const go = (toColumn: number, toRow: number) => {
    const x = across[clamp(toColumn, across.length - 1)];
    const y = up[clamp(toRow, up.length - 1)];
    if (!x || !y) return;
    onSelect({ x: x.id, y: y.id });
    requestAnimationFrame(() =>
      grid.current?.querySelector<HTMLElement>('[aria-selected="true"]')?.focus(),
    );
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = arrowSteps[event.key];
    if (step) go(column + step[0], row + step[1]);
    else if (event.key === "Home") go(0, row);
    else if (event.key === "End") go(across.length - 1, row);
    else if (event.key === "Enter" && selected) onPlot(selected);
    else return;
    event.preventDefault();
  };
  return { grid, onKeyDown };
}

interface RowProps {
  row: readonly BoardCell[];
  y: TransformId;
  symbol: RunText;
  selected: PairOnBoard | undefined;
  straightest: PairOnBoard | undefined;
}

function BoardRow({ row, y, symbol, selected, straightest }: RowProps) {
  return (
    <div role="row" className="contents">
      <span
        role="rowheader"
        className="flex items-center justify-end pr-2 font-serif whitespace-nowrap"
        aria-label={transformWords[y]}
      >
        <span>
          <RunTextView runs={symbol} />
        </span>
      </span>
      {row.map((cell) => {
        const x = cell.across.id;
        return (
          <BoardFigure
            key={x}
            cell={cell}
            pair={`${x} ${y}`}
            name={pairName(y, x)}
            selected={selected?.x === x && selected.y === y}
            straightest={straightest?.x === x && straightest.y === y}
          />
        );
      })}
    </div>
  );
}

function ColumnHeads({ whole, ownX }: Pick<Props, "whole" | "ownX">) {
  const symbol = whole.x.quantity.symbol || "x";
  return (
    <div role="row" className="contents">
      <span role="columnheader">
        <span className="sr-only">{straightenTexts.upAgainstAcross}</span>
      </span>
      {whole.board.across.map(({ id }) => (
        <span
          key={id}
          role="columnheader"
          aria-label={transformWords[id]}
          className="pt-1 text-center font-serif whitespace-nowrap"
        >
          <RunTextView runs={writeSymbol(transformSymbol(id, symbol, ownX))} />
        </span>
      ))}
    </div>
  );
}

/** The straightest pairs as a list, where the board is too wide for the screen; one is taken in hand, and plotted by its button in the margin. */
export function BoardList({ whole, ownX, ownY, selected, onSelect, onPlot, full }: Props) {
  const pairs = useMemo(() => byStraightness(whole.board.rows.flat()), [whole]);
  const [x, y] = [whole.x.quantity.symbol || "x", whole.y.quantity.symbol || "y"];
  return (
    <ActsMenu about={pairMenu({ onSelect, onPlot, full })}>
      <ul aria-label={boardWords.list} data-margin="pair">
        {pairs.map(({ across: { id: of }, up: { id: up }, straightness }) => (
          <li key={`${of} ${up}`} className="border-hairline border-b">
            <button
              type="button"
              data-pair={`${of} ${up}`}
              aria-pressed={selected?.x === of && selected.y === up}
              onClick={() => onSelect({ x: of, y: up })}
              className="aria-pressed:bg-boxwood flex min-h-9 w-full items-baseline gap-2 px-2 py-1 text-left"
            >
              <span className="font-serif">
                <RunTextView runs={writeSymbol(transformSymbol(up, y, ownY))} />{" "}
                <span className="text-soft font-sans">{boardWords.against}</span>{" "}
                <RunTextView runs={writeSymbol(transformSymbol(of, x, ownX))} />
              </span>
              <span className="text-soft ml-auto text-right">
                {
                  boardWords.said[
                    straightness && isStraight(straightness)
                      ? "straight"
                      : (straightness?.sign ?? 0) > 0
                        ? "up"
                        : "down"
                  ]
                }
              </span>
            </button>
          </li>
        ))}
      </ul>
    </ActsMenu>
  );
}

/** Every pair of transforms as a small figure; a click takes it in hand, a double click plots it. */
export function BoardGrid(props: Props) {
  const { whole, ownX, ownY, selected, onSelect, onPlot, full } = props;
  const { grid, onKeyDown } = useKeys(props);
  const { across, up, rows, straightest } = whole.board;
  const drawing = useMemo(() => boardDrawing(rows), [rows]);
  const touched = (act: (pair: PairOnBoard) => void) => (event: MouseEvent) => {
    const pair = event.target instanceof Element ? pairAt(event.target) : undefined;
    if (pair) act(pair);
  };
  return (
    <ActsMenu about={pairMenu({ onSelect, onPlot, full })}>
      <div
        ref={grid}
        role="grid"
        aria-label={straightenTexts.straightenBoard}
        data-paper
        data-margin="pair"
        onKeyDown={onKeyDown}
        onClick={touched(onSelect)}
        onDoubleClick={touched(onPlot)}
        className="relative grid min-h-0 flex-1 gap-px"
        style={{
          gridTemplateColumns: `auto repeat(${across.length}, minmax(0, 1fr))`,
          gridTemplateRows: `repeat(${up.length}, minmax(38px, 1fr)) auto`,
        }}
      >
        <BoardPicture drawing={drawing} />
        {rows.map((row, index) => {
          const y = (up[index] as (typeof up)[number]).id;
          const symbol = writeSymbol(transformSymbol(y, whole.y.quantity.symbol || "y", ownY));
          return (
            <BoardRow
              key={y}
              row={row}
              y={y}
              symbol={symbol}
              selected={selected}
              straightest={straightest}
            />
          );
        })}
        <ColumnHeads whole={whole} ownX={ownX} />
      </div>
    </ActsMenu>
  );
}
