"use client";

import { measureTexts } from "@/wording/measureTexts";
import type { Finding } from "@/core/finding/finding";
import type { CellProps } from "./cellProps";
import { derivedCell, isFinding } from "@/pipeline/derived/derivedCell";
import type { EvaluatedQuantity } from "@/pipeline/readings/evaluated";
import { measured } from "@/pipeline/readings/measured";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import { spokenReading } from "@/wording/spokenReadings";
import { WrittenReadingView } from "../parts/WrittenReadingView";
import { Later } from "../later/Later";
import { useLater } from "../later/useLater";
import { useHouseRules } from "../store/useEvaluated";
import { CellInput } from "./CellInput";
import { useGridController } from "./MeasureContext";

const findingWords = new Later(() => import("@/wording/findings"));

/** What keeps a derived cell empty; a missing reading says so by itself. */
function faultOf({ derived }: EvaluatedQuantity, index: number): Finding | undefined {
  const cell = derived?.column && derivedCell(derived.column, index);
  return cell && isFinding(cell) && cell.name !== "no-reading" ? cell : undefined;
}

/** One value of a derived quantity on its wash: hands pass through it, but nothing can be typed. */
export function DerivedCell(props: CellProps) {
  const { index, column, drawn, quantity, row, active, selected, onSaid } = props;
  const controller = useGridController();
  const { figuresOfUncertainty } = useHouseRules();
  const found = row && measured(row, quantity);
  const written = found && writeMeasured(found, quantity, figuresOfUncertainty);
  const fault = row && faultOf(quantity, index);
  const words = useLater(findingWords, fault !== undefined);
  const reason = fault && words?.findingSentence(fault);
  const name = measureTexts.cell({
    name: quantity.quantity.name || quantity.quantity.symbol,
    row: index + 1,
  });
  const said = written
    ? spokenReading(written, quantity.quantity.unit)
    : (reason ?? measureTexts.empty);
  return (
    <div
      role="gridcell"
      data-cell={`${index} ${column}`}
      aria-readonly
      aria-colindex={drawn + 2}
      aria-selected={selected}
      aria-label={active ? undefined : measureTexts.nameWorkedOutSaid({ name, said })}
      title={reason}
      onMouseDown={(event) => {
        if (event.button !== 0) return;
        event.preventDefault();
        controller.goTo({ row: index, column }, event.shiftKey);
      }}
      className={`border-hairline relative flex items-center justify-end border-b px-2.5 ${selected ? "bg-petrol/10" : "bg-wash"} ${found?.aside ? "text-soft line-through" : ""}`}
    >
      {fault && <span className="text-magenta text-xs">—</span>}
      {written && <WrittenReadingView written={written} />}
      {active && (
        <CellInput
          text=""
          label={measureTexts.nameWorkedOutSaid({ name, said })}
          aside={false}
          derived
          onSaid={onSaid}
        />
      )}
    </div>
  );
}
