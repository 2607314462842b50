"use client";

import { measureTexts } from "@/wording/measureTexts";
import type { ReactNode } from "react";
import { measured } from "@/pipeline/readings/measured";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import type { EvaluatedRow } from "@/pipeline/table/table";
import { scatterSentence } from "@/wording/uncertainty";
import { writeSize } from "@/core/number/writtenNumber";
import { spokenNumber, spokenReading } from "@/wording/spokenReadings";
import { NumberView } from "../parts/StatementView";
import { WrittenReadingView } from "../parts/WrittenReadingView";
import { useHouseRules } from "../store/useEvaluated";
import type { HeadingGroup } from "./gridTemplate";

interface Props {
  index: number;
  group: HeadingGroup;
  row: EvaluatedRow | undefined;
}

interface WorkedProps extends Props {
  /** What is worked out from the repeats: "mean". */
  what: string;
  /** How many columns behind the last repeat it stands. */
  behind: number;
  /** What stands in it, as it is heard; undefined where nothing stands. */
  said: string | undefined;
  children: ReactNode;
  title?: string | undefined;
  look: string;
}

/** A cell on the wash of what is worked out. */
function WorkedCell({ index, group, what, behind, said, children, title, look }: WorkedProps) {
  const { evaluated, first, repeats } = group;
  const name = evaluated.quantity.name || evaluated.quantity.symbol || measureTexts.unnamed;
  return (
    <div
      role="gridcell"
      aria-readonly
      aria-colindex={first + repeats + 1 + behind}
      aria-label={measureTexts.workedCell({
        what,
        name,
        row: index + 1,
        said: said ?? measureTexts.empty,
      })}
      title={title}
      className={`border-hairline bg-wash flex items-center justify-end border-b px-2.5 ${look}`}
    >
      {children}
    </div>
  );
}

/** How the repeats of a row scatter, to two figures. */
export function ScatterCell(props: Props) {
  const { group, row } = props;
  const scatter = row && measured(row, group.evaluated)?.scatter;
  const written =
    scatter === undefined
      ? undefined
      : scatter === 0
        ? { mantissa: "0" }
        : writeSize(scatter, "two");
  const said = written && spokenNumber(written, group.evaluated.quantity.unit);
  return (
    <WorkedCell {...props} what={measureTexts.scatter} behind={2} said={said} look="text-magenta">
      {written && (
        <span>
          <NumberView number={written} unit={[]} />
        </span>
      )}
    </WorkedCell>
  );
}

/** The mean of a row's repeats with its ±. */
export function MeanCell(props: Props) {
  const { group, row } = props;
  const { figuresOfUncertainty } = useHouseRules();
  const { evaluated } = group;
  const found = row && measured(row, evaluated);
  const look = found?.aside ? "text-soft line-through" : "";
  const title = found && scatterSentence(found, evaluated);
  const written = found && writeMeasured(found, evaluated, figuresOfUncertainty);
  const said = written && spokenReading(written, evaluated.quantity.unit);
  return (
    <WorkedCell
      {...props}
      what={measureTexts.mean}
      behind={1}
      said={said}
      look={look}
      title={title}
    >
      {written && <WrittenReadingView written={written} />}
    </WorkedCell>
  );
}
