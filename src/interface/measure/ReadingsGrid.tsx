"use client";

import { measureTexts } from "@/wording/measureTexts";
import { defaultRangeExtractor, type Range, useVirtualizer } from "@tanstack/react-virtual";
import { useCallback, useDeferredValue, useEffect, useMemo, useRef } from "react";
import { limits } from "@/investigation/model/limits";
import { GridHeading } from "./GridHeading";
import { GridMenu } from "./GridMenu";
import { GridRow } from "./GridRow";
import { headingGroups, gridTemplate } from "./gridTemplate";
import type { GridView } from "./gridView";
import { useHouseRules } from "../store/useEvaluated";
import { useGrid, useGridView } from "./MeasureContext";
import { laterPart } from "../later/laterPart";

const HeadingDragging = laterPart(
  () => import("./HeadingDragging").then((part) => part.HeadingDragging),
  { quiet: true },
);

const rowHeight = 30;

/** The row in hand by its place and its id; a row that waits has none. */
interface RowInHand {
  readonly index: number;
  readonly id: string | undefined;
}

function useRows(count: number, inHand: RowInHand) {
  const { index: activeRow, id } = inHand;
  const before = useRef(inHand);
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
    scrollPaddingStart: 96,
    initialRect: { width: 800, height: 600 },
  });
  useEffect(() => {
    const { index, id: last } = before.current;
    before.current = { index: activeRow, id };
    const moved = id !== undefined && id === last;
    if (moved) scroller.current?.scrollBy(0, (activeRow - index) * rowHeight);
    else virtualizer.scrollToIndex(activeRow);
  }, [virtualizer, activeRow, id]);
  return { scroller, virtualizer };
}

interface Props {
  onSaid: (sentence: string) => void;
  /** The class that limits how tall it stands. */
  height: string;
}

const manyRows = 50;

/** What is shown: a key at once, many rows that come or go together (a paste) slice by slice, so that keys go before. */
function useShownView(): GridView {
  const view = useGridView();
  const deferred = useDeferredValue(view);
  const many =
    view.table.id === deferred.table.id &&
    Math.abs(view.rows.length - deferred.rows.length) > manyRows;
  return many ? deferred : view;
}

/** The table of readings: rows on demand, so that thousands scroll as lightly as ten. */
export function ReadingsGrid({ onSaid, height }: Props) {
  const { columns, rows, table } = useShownView();
  const activeRow = useGrid((state) => state.active.row);
  const count = Math.min(rows.length + 1, limits.rows);
  const { scroller, virtualizer } = useRows(count, {
    index: activeRow,
    id: rows[activeRow]?.id,
  });
  const { figuresOfUncertainty: rule } = useHouseRules();
  const { template, least, most, drawn } = useMemo(
    () => gridTemplate(columns, rows, rule),
    [columns, rows, rule],
  );
  const groups = useMemo(() => headingGroups(columns), [columns]);
  return (
    <>
      <GridMenu onSaid={onSaid}>
        <div
          ref={scroller}
          role="grid"
          data-margin="reading quantity"
          aria-label={table.name.trim() || measureTexts.readings}
          aria-multiselectable
          aria-rowcount={count + 1}
          aria-colcount={drawn + 1}
          className={`relative overflow-auto ${height}`}
        >
          <div role="presentation" style={{ maxWidth: most, minWidth: least }}>
            <GridHeading template={template} groups={groups} />
            <div
              role="presentation"
              className="relative"
              style={{ height: virtualizer.getTotalSize() }}
            >
              {virtualizer.getVirtualItems().map((item) => (
                <GridRow
                  key={item.index}
                  index={item.index}
                  row={rows[item.index]}
                  groups={groups}
                  series={table.series}
                  template={template}
                  start={item.start}
                  onSaid={onSaid}
                />
              ))}
            </div>
          </div>
        </div>
      </GridMenu>
      <HeadingDragging quantities={groups.map(({ evaluated }) => evaluated.id).join("\n")} />
    </>
  );
}
