"use client";

import { memo } from "react";
import { withMinusSign } from "@/core/number/writtenNumber";
import type { NumberReading } from "@/core/number/readNumber";
import { reasonSetAside } from "@/investigation/model/investigation";
import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import { findingSentence } from "@/wording/findings";
import type { EvaluatedQuantity, EvaluatedRow } from "@/pipeline/table";
import { CellInput } from "./CellInput";
import { rangeOf } from "./gridState";
import { useGrid, useGridController } from "./MeasureContext";

interface RowProps {
  index: number;
  row: EvaluatedRow | undefined;
  quantities: readonly EvaluatedQuantity[];
  template: string;
  onSaid: (sentence: string) => void;
}

/** "overhang, row 4": what a screen reader says of a cell before its text. */
function cellLabel({ quantity }: EvaluatedQuantity, index: number): string {
  return `${quantity.name || quantity.symbol || "unnamed"}, row ${index + 1}`;
}

function spokenCell(
  quantity: EvaluatedQuantity,
  index: number,
  text: string,
  aside: string | undefined,
): string {
  const unit = plainRunText(writeUnitText(quantity.quantity.unit));
  const said = text === "" ? "empty" : `${text} ${unit}`.trim();
  return `${cellLabel(quantity, index)}, ${said}${aside ? `, set aside: ${aside}` : ""}`;
}

function problemOf(reading: NumberReading | undefined): string | undefined {
  return reading?.kind === "unreadable" ? findingSentence(reading.finding) : undefined;
}

interface CellProps {
  index: number;
  column: number;
  quantity: EvaluatedQuantity;
  row: EvaluatedRow | undefined;
  active: boolean;
  selected: boolean;
  onSaid: (sentence: string) => void;
}

function Cell({ index, column, quantity, row, active, selected, onSaid }: CellProps) {
  const controller = useGridController();
  const text = row?.row.readings[quantity.id] ?? "";
  const problem = problemOf(row?.readings[quantity.id]);
  const aside = row && text !== "" ? reasonSetAside(row.row, quantity.id) : undefined;
  return (
    <div
      role="gridcell"
      aria-colindex={column + 2}
      aria-selected={selected}
      aria-label={active ? undefined : spokenCell(quantity, index, text, aside)}
      title={problem ?? (aside && `Set aside: ${aside}`)}
      onMouseDown={(event) => {
        if (active) return;
        event.preventDefault();
        controller.goTo({ row: index, column }, event.shiftKey);
      }}
      onMouseEnter={(event) => {
        if (event.buttons === 1) controller.goTo({ row: index, column }, true);
      }}
      className={`border-hairline relative flex items-center justify-end border-b px-2.5 ${selected ? "bg-petrol/10" : ""} ${problem ? "bg-magenta-wash" : ""}`}
    >
      {problem && (
        <span aria-hidden className="text-magenta absolute left-1 z-1">
          ✎
        </span>
      )}
      {active ? (
        <CellInput
          text={text}
          label={cellLabel(quantity, index)}
          invalid={problem !== undefined}
          aside={aside !== undefined}
          onSaid={onSaid}
        />
      ) : (
        <span className={aside ? "text-soft truncate line-through" : "truncate"}>
          {withMinusSign(text)}
        </span>
      )}
    </div>
  );
}

/** One row of readings; drawn again only when its own readings or selection change. */
export const GridRow = memo(function GridRow({
  index,
  row,
  quantities,
  template,
  onSaid,
}: RowProps) {
  const activeColumn = useGrid((state) => (state.active.row === index ? state.active.column : -1));
  const selection = useGrid((state) => {
    const { top, bottom, left, right } = rangeOf(state);
    const several = top !== bottom || left !== right;
    return several && index >= top && index <= bottom ? `${left} ${right}` : "";
  });
  const [left = 1, right = 0] = selection === "" ? [] : selection.split(" ").map(Number);
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className="grid h-[30px]"
      style={{ gridTemplateColumns: template }}
    >
      <div
        role="rowheader"
        className="text-soft border-hairline flex items-center justify-center border-b"
      >
        {index + 1}
      </div>
      {quantities.map((quantity, column) => (
        <Cell
          key={quantity.id}
          index={index}
          column={column}
          quantity={quantity}
          row={row}
          active={activeColumn === column}
          selected={column >= left && column <= right}
          onSaid={onSaid}
        />
      ))}
    </div>
  );
});
