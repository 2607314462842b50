"use client";

import { type KeyboardEvent, useId, useRef, useState } from "react";
import { limits } from "@/investigation/model/limits";
import { isDerived } from "@/pipeline/table/gridColumns";
import { isRemarks } from "@/pipeline/readings/evaluated";
import { measured } from "@/pipeline/readings/measured";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import { bigEntryWords, cardWords as words } from "@/wording/bigEntry";
import { Button } from "../../parts/Button";
import { QuantityLabel } from "../../parts/QuantityLabel";
import { WrittenReadingView } from "../../parts/WrittenReadingView";
import { useHouseRules } from "../../store/useEvaluated";
import { placeOfReading } from "../../together/places";
import { HandOfOther } from "../../together/Together";
import type { GridView } from "../gridView";
import { useGridController, useGridView } from "../MeasureContext";
import { SeriesMarker } from "../SeriesMarker";
import { readingTexts } from "./readingTexts";
import { usePasting } from "./usePasting";

/** So many rows are on the page at once. */
const shown = 30;

interface CardProps {
  index: number;
  view: GridView;
  onSaid: (sentence: string) => void;
}

/** The field behind the one that has the focus. */
function focusNext(event: KeyboardEvent<HTMLInputElement>): void {
  const all = [...(event.currentTarget.closest("ol")?.querySelectorAll("input") ?? [])];
  const next = all[all.indexOf(event.currentTarget) + (event.shiftKey ? -1 : 1)];
  if (!next) return;
  next.focus();
  next.select();
}

function CardField({ index, column: place, view, onSaid }: CardProps & { column: number }) {
  const controller = useGridController();
  const onPaste = usePasting(onSaid);
  const described = useId();
  const column = view.columns[place]!;
  const { quantity } = column.evaluated;
  const { text, problem, aside } = readingTexts(view.rows[index], column);
  const at = placeOfReading(view.rows[index]?.id, column.cell);
  return (
    <>
      <span data-place={at} className="relative">
        <HandOfOther place={at} />
        <input
          value={text}
          aria-label={bigEntryWords.reading({
            name: `${quantity.name || quantity.symbol}${column.of > 1 ? ` ${column.repeat}` : ""}`,
            row: index + 1,
          })}
          aria-invalid={problem !== undefined}
          aria-describedby={problem === undefined ? undefined : described}
          inputMode={isRemarks(column.evaluated) ? "text" : "decimal"}
          enterKeyHint="next"
          maxLength={200}
          autoComplete="off"
          spellCheck={false}
          onFocus={() => controller.goTo({ row: index, column: place })}
          onBlur={() => controller.grid.setState({ mode: "moving", session: "" })}
          onChange={(event) => controller.type(event.target.value)}
          onPaste={onPaste}
          onKeyDown={(event) => {
            if (event.key !== "Enter" || event.nativeEvent.isComposing) return;
            event.preventDefault();
            focusNext(event);
          }}
          className={`border-hairline h-11 w-full min-w-0 rounded-md border bg-white px-3 text-right text-base ${aside ? "text-soft line-through" : ""} ${problem ? "border-magenta bg-magenta-wash" : ""}`}
        />
      </span>
      {problem && (
        <span id={described} className="text-magenta col-span-2 text-right text-xs">
          {problem}
        </span>
      )}
    </>
  );
}

function Worked({ index, column: place, view }: Omit<CardProps, "onSaid"> & { column: number }) {
  const { figuresOfUncertainty } = useHouseRules();
  const { evaluated } = view.columns[place]!;
  const row = view.rows[index];
  const found = row && measured(row, evaluated);
  return (
    <span className="bg-wash flex h-9 items-center justify-end rounded-md px-3">
      {found && (
        <WrittenReadingView written={writeMeasured(found, evaluated, figuresOfUncertainty)} />
      )}
    </span>
  );
}

function Card({ index, view, onSaid }: CardProps) {
  const series = view.table.series.findIndex(({ id }) => id === view.rows[index]?.row.series);
  return (
    <li className="border-hairline rounded-md border p-3">
      <h2 className="mb-2 flex items-center gap-2 font-semibold">
        {bigEntryWords.row({ row: index + 1 })}
        {series >= 0 && (
          <span className="text-soft flex items-center gap-1 font-normal">
            <SeriesMarker seriesNumber={series} /> {view.table.series[series]?.series.name}
          </span>
        )}
      </h2>
      <div className="grid grid-cols-[1fr_minmax(0,9.5rem)] items-center gap-x-3 gap-y-1.5">
        {view.columns.map((column, place) => (
          <div key={column.cell} className="contents">
            <span className={column.evaluated.sizeOf === undefined ? "" : "text-magenta"}>
              <QuantityLabel quantity={column.evaluated.quantity} />
              {column.of > 1 && <span className="text-soft text-xs"> {column.repeat}</span>}
            </span>
            {isDerived(column) ? (
              <Worked index={index} view={view} column={place} />
            ) : (
              <CardField index={index} view={view} onSaid={onSaid} column={place} />
            )}
          </div>
        ))}
      </div>
    </li>
  );
}

/** The readings of a narrow screen: one row a card, one field under the other. */
export function RowCards({ onSaid }: { onSaid: (sentence: string) => void }) {
  const view = useGridView();
  const top = useRef<HTMLOListElement>(null);
  const count = Math.min(view.rows.length + 1, limits.rows);
  const [wanted, setFrom] = useState(() => Math.max(0, count - shown));
  const from = Math.min(wanted, Math.max(0, count - 1));
  const turn = (to: number) => {
    setFrom(Math.max(0, to));
    top.current?.scrollIntoView();
  };
  return (
    <div className="flex flex-col gap-3">
      {from > 0 && <Button onClick={() => turn(from - shown)}>{words.earlier}</Button>}
      <ol ref={top} aria-label={words.list} className="flex flex-col gap-3">
        {Array.from({ length: Math.min(shown, count - from) }, (_, i) => (
          <Card key={from + i} index={from + i} view={view} onSaid={onSaid} />
        ))}
      </ol>
      {from + shown < count && <Button onClick={() => turn(from + shown)}>{words.later}</Button>}
    </div>
  );
}
