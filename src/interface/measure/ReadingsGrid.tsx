"use client";

import { defaultRangeExtractor, type Range, useVirtualizer } from "@tanstack/react-virtual";
import { useCallback, useEffect, useRef } from "react";
import { limits } from "@/investigation/model/limits";
import { useTable } from "../store/useEvaluated";
import { GridHeading } from "./GridHeading";
import { GridRow } from "./GridRow";
import { useGrid } from "./MeasureContext";

const rowHeight = 30;

function useRows(count: number, activeRow: number) {
  const scroller = useRef<HTMLDivElement>(null);
  const rangeExtractor = useCallback(
    (range: Range) => [
      ...new Set([...defaultRangeExtractor(range), Math.min(activeRow, range.count - 1)]),
    ],
    [activeRow],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- its rows are read at once, never kept
  const virtualizer = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: 8,
    rangeExtractor,
    scrollPaddingStart: 78,
    initialRect: { width: 800, height: 600 },
  });
  useEffect(() => {
    virtualizer.scrollToIndex(activeRow);
  }, [virtualizer, activeRow]);
  return { scroller, virtualizer };
}

interface Props {
  onSaid: (sentence: string) => void;
  /** The class that limits how tall it stands. */
  height: string;
}

/** The table of readings: rows on demand, so that thousands scroll as lightly as ten. */
export function ReadingsGrid({ onSaid, height }: Props) {
  const { quantities, rows } = useTable();
  const activeRow = useGrid((state) => state.active.row);
  const count = Math.min(rows.length + 1, limits.rows);
  const { scroller, virtualizer } = useRows(count, activeRow);
  const template = `48px repeat(${quantities.length}, minmax(116px, 1fr))`;
  return (
    <div
      ref={scroller}
      role="grid"
      aria-label="Readings"
      aria-multiselectable
      aria-rowcount={count + 1}
      aria-colcount={quantities.length + 1}
      className={`relative overflow-auto ${height}`}
    >
      <div
        role="presentation"
        style={{ maxWidth: 48 + quantities.length * 210, minWidth: 48 + quantities.length * 116 }}
      >
        <GridHeading quantities={quantities} template={template} />
        <div
          role="presentation"
          className="relative"
          style={{ height: virtualizer.getTotalSize() }}
        >
          {virtualizer.getVirtualItems().map((item) => (
            <div
              key={item.index}
              role="presentation"
              className="absolute inset-x-0 top-0"
              style={{ transform: `translateY(${item.start}px)` }}
            >
              <GridRow
                index={item.index}
                row={rows[item.index]}
                quantities={quantities}
                template={template}
                onSaid={onSaid}
              />
            </div>
          ))}
        </div>
      </div>
    </div>
  );
}
