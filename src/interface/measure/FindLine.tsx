"use client";

import { measureTexts } from "@/wording/measureTexts";
import { reasonText } from "@/wording/settingAside";
import type { Reason } from "@/investigation/model/reason";
import { ChevronDown, ChevronUp, X } from "lucide-react";
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import { Button } from "../parts/Button";
import type { CellPlace } from "./gridState";
import type { GridView } from "./gridView";
import { useGrid, useGridController, useGridView } from "./MeasureContext";

const asideText = (reason: Reason | undefined) =>
  reason === undefined ? undefined : reasonText(reason);

/** The cells whose text, or whose reason for being set aside, holds the words. */
function placesOf({ rows, columns }: GridView, words: string): CellPlace[] {
  const wanted = words.trim().toLowerCase().replace(/[−–]/g, "-");
  if (wanted === "") return [];
  const holds = (text: string | undefined) =>
    text !== undefined && text.toLowerCase().replace(/[−–]/g, "-").includes(wanted);
  return rows.flatMap(({ row }, index) =>
    columns.flatMap(({ cell }, column) =>
      holds(row.readings[cell]) || holds(asideText(row.setAside?.[cell]))
        ? [{ row: index, column }]
        : [],
    ),
  );
}

function nextOf(places: readonly CellPlace[], from: CellPlace, step: 1 | -1): number {
  const behind = (place: CellPlace) =>
    place.row > from.row || (place.row === from.row && place.column > from.column);
  const at = places.findIndex(({ row, column }) => row === from.row && column === from.column);
  if (at >= 0) return (at + step + places.length) % places.length;
  const next = places.findIndex(behind);
  if (step > 0) return next < 0 ? 0 : next;
  return ((next < 0 ? 0 : next) - 1 + places.length) % places.length;
}

function found(places: readonly CellPlace[], active: CellPlace, words: string): string {
  if (words.trim() === "") return "";
  if (places.length === 0) return measureTexts.noReadingHoldsThis;
  const at = places.findIndex(({ row, column }) => row === active.row && column === active.column);
  return at < 0
    ? measureTexts.countFound({ count: places.length })
    : measureTexts.atOfCount({ at: at + 1, count: places.length });
}

/** Finds readings by their text: Enter goes on to the next, Shift+Enter back, Esc into the grid. */
export function FindLine() {
  const controller = useGridController();
  const view = useGridView();
  const active = useGrid((state) => state.active);
  const [words, setWords] = useState("");
  const field = useRef<HTMLInputElement>(null);
  const places = useMemo(() => placesOf(view, words), [view, words]);
  useEffect(() => field.current?.focus(), []);
  const close = () => controller.grid.setState({ finding: false });
  const go = (step: 1 | -1) => {
    const place = places[nextOf(places, controller.grid.getState().active, step)];
    if (place) controller.goTo(place);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key === "Enter") go(event.shiftKey ? -1 : 1);
    else if (event.key === "Escape") close();
    else return;
    event.preventDefault();
  };
  return (
    <div role="search" className="mb-2 flex items-center gap-1.5">
      <input
        ref={field}
        aria-label={measureTexts.findAReading}
        placeholder={measureTexts.findAReading}
        value={words}
        maxLength={200}
        onChange={(event) => setWords(event.target.value)}
        onKeyDown={onKey}
        className="border-hairline h-8 w-56 rounded-md border px-2"
      />
      <Button
        aria-label={measureTexts.theOneBefore}
        disabled={places.length === 0}
        onClick={() => go(-1)}
      >
        <ChevronUp aria-hidden size={16} />
      </Button>
      <Button
        aria-label={measureTexts.theNextOne}
        disabled={places.length === 0}
        onClick={() => go(1)}
      >
        <ChevronDown aria-hidden size={16} />
      </Button>
      <span role="status" className="text-soft min-w-24">
        {found(places, active, words)}
      </span>
      <Button look="quiet" aria-label={measureTexts.leaveFinding} onClick={close}>
        <X aria-hidden size={16} />
      </Button>
    </div>
  );
}
