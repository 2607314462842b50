"use client";

import { measured } from "@/pipeline/readings/measured";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import type { EvaluatedRow } from "@/pipeline/table/table";
import { scatterSentence } from "@/wording/uncertainty";
import { writeSize } from "@/core/number/writtenNumber";
import { NumberView } from "../parts/StatementView";
import { WrittenReadingView } from "../parts/WrittenReadingView";
import { useHouseRules } from "../store/useEvaluated";
import type { HeadingGroup } from "./gridTemplate";

interface Props {
  index: number;
  group: HeadingGroup;
  row: EvaluatedRow | undefined;
}

/** How the repeats of a row scatter, to two figures. */
export function ScatterCell({ index, group, row }: Props) {
  const { evaluated } = group;
  const scatter = row && measured(row, evaluated)?.scatter;
  const name = evaluated.quantity.name || evaluated.quantity.symbol || "unnamed";
  return (
    <div
      role="gridcell"
      aria-readonly
      aria-colindex={group.first + group.repeats + 3}
      aria-label={scatter === undefined ? `scatter of ${name}, row ${index + 1}, empty` : undefined}
      className="border-hairline bg-wash text-magenta flex items-center justify-end border-b px-2.5"
    >
      {scatter !== undefined && (
        <span>
          {scatter === 0 ? "0" : <NumberView number={writeSize(scatter, "two")} unit={[]} />}
        </span>
      )}
    </div>
  );
}

/** The mean of a row's repeats with its ±, on the wash of what is worked out. */
export function MeanCell({ index, group, row }: Props) {
  const { figuresOfUncertainty } = useHouseRules();
  const { evaluated } = group;
  const found = row && measured(row, evaluated);
  const name = evaluated.quantity.name || evaluated.quantity.symbol || "unnamed";
  return (
    <div
      role="gridcell"
      aria-readonly
      aria-colindex={group.first + group.repeats + 2}
      aria-label={found ? undefined : `mean of ${name}, row ${index + 1}, empty`}
      title={found && scatterSentence(found, evaluated)}
      className={`border-hairline bg-wash flex items-center justify-end border-b px-2.5 ${found?.aside ? "text-soft line-through" : ""}`}
    >
      {found && (
        <WrittenReadingView written={writeMeasured(found, evaluated, figuresOfUncertainty)} />
      )}
    </div>
  );
}
