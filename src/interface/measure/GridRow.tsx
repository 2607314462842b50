"use client";

import { Fragment } from "react";
import { cellKey, reasonSetAside } from "@/investigation/model/row";
import type { EvaluatedRow, EvaluatedSeries } from "@/pipeline/table/table";
import { DerivedCell } from "./DerivedCell";
import { GridCell } from "./GridCell";
import type { HeadingGroup } from "./gridTemplate";
import { rangeOf } from "./gridState";
import { MeanCell, ScatterCell } from "./MeanCell";
import { useGrid } from "./MeasureContext";
import { SeriesMarker } from "./SeriesMarker";
import { saidMemo } from "../language/saidMemo";

interface RowProps {
  index: number;
  row: EvaluatedRow | undefined;
  groups: readonly HeadingGroup[];
  series: readonly EvaluatedSeries[];
  template: string;
  /** How far below the first row it stands, in px. */
  start: number;
  onSaid: (sentence: string) => void;
}

function useSelection(index: number): readonly [left: number, right: number] {
  const selection = useGrid((state) => {
    const { top, bottom, left, right } = rangeOf(state);
    const several = top !== bottom || left !== right;
    return several && index >= top && index <= bottom ? `${left} ${right}` : "";
  });
  const [left = 1, right = 0] = selection === "" ? [] : selection.split(" ").map(Number);
  return [left, right];
}

interface ReadingCellProps extends Pick<RowProps, "index" | "row" | "onSaid"> {
  readonly group: RowProps["groups"][number];
  /** Which of the repeats, counted from 0. */
  readonly repeat: number;
  readonly active: boolean;
  readonly selected: boolean;
}

/** A cell that is typed into, or one that a formula fills. */
function ReadingCell({ group, repeat, ...cell }: ReadingCellProps) {
  const quantity = group.evaluated;
  const column = group.column + repeat;
  const drawn = group.first + repeat;
  if (quantity.quantity.formula !== undefined) {
    return <DerivedCell {...cell} column={column} drawn={drawn} quantity={quantity} />;
  }
  const { row, ...place } = cell;
  const key = cellKey(quantity.id, repeat + 1);
  const text = row?.row.readings[key] ?? "";
  return (
    <GridCell
      {...place}
      column={column}
      drawn={drawn}
      repeat={group.repeats > 1 ? repeat + 1 : undefined}
      cell={key}
      quantity={quantity}
      rowId={row?.id}
      text={text}
      reading={row?.readings[key]}
      reason={row && text !== "" ? reasonSetAside(row.row, key) : undefined}
      beyond={repeat + 1 > Math.max(quantity.quantity.repeats, row?.lastRepeat?.[quantity.id] ?? 1)}
    />
  );
}

/** One row of readings at its place; drawn again only when its own readings or selection change. */
export const GridRow = saidMemo(function GridRow(props: RowProps) {
  const { index, row, groups, series, template, start, onSaid } = props;
  const activeColumn = useGrid((state) => (state.active.row === index ? state.active.column : -1));
  const [left, right] = useSelection(index);
  const place = series.findIndex(({ id }) => id === row?.row.series);
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className="absolute inset-x-0 top-0 grid h-[30px] contain-layout contain-size contain-style"
      style={{ gridTemplateColumns: template, transform: `translateY(${start}px)` }}
    >
      <div
        role="rowheader"
        className="text-soft border-hairline flex items-center justify-center gap-1 border-b"
      >
        {place >= 0 && (
          <SeriesMarker seriesNumber={place} name={series[place]?.series.name ?? ""} />
        )}
        {index + 1}
      </div>
      {groups.map((group) => [
        ...Array.from({ length: group.repeats }, (_, n) => {
          const column = group.column + n;
          return (
            <ReadingCell
              key={`${group.evaluated.id}/${n}`}
              group={group}
              repeat={n}
              index={index}
              row={row}
              active={activeColumn === column}
              selected={column >= left && column <= right}
              onSaid={onSaid}
            />
          );
        }),
        group.repeats > 1 && (
          <Fragment key={`${group.evaluated.id}/mean`}>
            <MeanCell index={index} group={group} row={row} />
            <ScatterCell index={index} group={group} row={row} />
          </Fragment>
        ),
      ])}
    </div>
  );
});
