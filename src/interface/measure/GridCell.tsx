"use client";

import { measureTexts } from "@/wording/measureTexts";
import { reasonText } from "@/wording/settingAside";
import type { CellProps } from "./cellProps";
import { withMinusSign } from "@/core/number/writtenNumber";
import type { NumberReading } from "@/core/number/readNumber";
import type { Reason } from "@/investigation/model/reason";
import { isRemarks } from "@/pipeline/readings/evaluated";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import { numberSentence } from "@/wording/numberFaults";
import { spokenUnit } from "@/wording/spokenUnits";
import { saidMemo } from "../language/saidMemo";
import { useWorded } from "../language/useWorded";
import { placeOfReading } from "../together/places";
import { HandOfOther } from "../together/Together";
import { CellInput } from "./CellInput";
import { useGridController } from "./MeasureContext";

interface Props extends Omit<CellProps, "row"> {
  /** Which repeat it is; undefined where there is only one. */
  repeat: number | undefined;
  /** Its key in its row. */
  cell: string;
  rowId: string | undefined;
  text: string;
  reading: NumberReading | undefined;
  /** Why it is set aside. */
  reason: Reason | undefined;
  /** A further repeat that only other rows have: open to typing, but nothing is missing there. */
  beyond: boolean;
}

/** "overhang, row 4": what a screen reader says of a cell before its text. */
function cellLabel({ quantity }: EvaluatedQuantity, index: number, repeat?: number): string {
  const name = quantity.name || quantity.symbol || measureTexts.unnamed;
  const row = index + 1;
  return repeat === undefined
    ? measureTexts.cell({ name, row })
    : measureTexts.repeatCell({ name, repeat, row });
}

function spokenCell(label: string, unit: string, text: string, aside: string | undefined): string {
  const said = text === "" ? measureTexts.empty : `${text} ${unit}`.trim();
  return aside
    ? measureTexts.cellAside({ cell: label, said, reason: aside })
    : measureTexts.cellSays({ cell: label, said });
}

function problemOf(reading: NumberReading | undefined): string | undefined {
  return reading?.kind === "unreadable" ? numberSentence(reading.finding) : undefined;
}

/**
 * One reading: its text as typed, struck when it is set aside, an input when it is active. It is drawn again only when
 * it shows something else: a key in another cell of its row leaves it.
 */
export const GridCell = saidMemo(function GridCell(props: Props) {
  const { index, column, drawn, quantity, text, reason, active, selected, onSaid } = props;
  const controller = useGridController();
  const place = placeOfReading(props.rowId, props.cell);
  const problem = isRemarks(quantity) ? undefined : problemOf(props.reading);
  const aside = reason && reasonText(reason);
  const label = cellLabel(quantity, index, props.repeat);
  const unit = useWorded(spokenUnit, quantity.quantity.unit, undefined);
  const ground = problem
    ? "bg-magenta-wash"
    : selected
      ? "bg-petrol/10"
      : props.beyond
        ? "bg-bench/60"
        : "";
  return (
    <div
      role="gridcell"
      data-cell={`${index} ${column}`}
      data-place={place}
      aria-colindex={drawn + 2}
      aria-selected={selected}
      aria-label={active ? undefined : spokenCell(label, unit, text, aside)}
      title={problem ?? (aside && measureTexts.setAsideAside2({ aside }))}
      onMouseDown={(event) => {
        if (active || event.button !== 0) return;
        event.preventDefault();
        controller.goTo({ row: index, column }, event.shiftKey);
      }}
      onMouseEnter={(event) => {
        if (event.buttons === 1) controller.goTo({ row: index, column }, true);
      }}
      className={`border-hairline relative flex items-center justify-end border-b px-2.5 ${quantity.sizeOf === undefined ? "" : "text-magenta"} ${ground}`}
    >
      <HandOfOther place={place} />
      {problem && (
        <span aria-hidden className="text-magenta absolute left-1 z-1">
          ✎
        </span>
      )}
      {active ? (
        <CellInput
          text={text}
          label={label}
          problem={problem}
          words={isRemarks(quantity)}
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
});
