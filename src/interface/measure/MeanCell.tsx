"use client";

import { measured } from "@/pipeline/measured";
import { writeMeasured } from "@/pipeline/writtenReading";
import type { EvaluatedRow } from "@/pipeline/table";
import { scatterSentence } from "@/wording/uncertainty";
import { WrittenReadingView } from "../parts/WrittenReadingView";
import { useHouseRules } from "../store/useEvaluated";
import type { HeadingGroup } from "./gridTemplate";

interface Props {
  index: number;
  group: HeadingGroup;
  row: EvaluatedRow | undefined;
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
