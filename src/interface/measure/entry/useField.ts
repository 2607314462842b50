"use client";

import { readingTexts } from "./readingTexts";
import { useGrid, useGridController, useGridView } from "../MeasureContext";
import { nextField, openColumns } from "./fields";

/** The field in hand with its text, and the way to the next one and the one before. */
export function useField() {
  const controller = useGridController();
  const view = useGridView();
  const active = useGrid((state) => state.active);
  const fresh = useGrid((state) => state.mode === "moving");
  const open = openColumns(view.columns);
  const column = open.includes(active.column)
    ? active.column
    : (open.find((place) => place > active.column) ?? open[0]);
  const place = column === undefined ? undefined : { row: active.row, column };
  const step = (by: 1 | -1) => {
    const next = place && nextField(place, open, view.rows.length, by);
    if (next) controller.goTo(next);
  };
  const type = (text: string) => {
    if (!place) return;
    if (place.column !== active.column) controller.goTo(place);
    controller.type(text);
  };
  const shown = place && view.columns[place.column];
  const row = view.rows[active.row];
  return {
    view,
    open,
    place,
    step,
    type,
    row,
    fresh,
    column: shown,
    text: shown ? readingTexts(row, shown).text : "",
    problem: shown ? readingTexts(row, shown).problem : undefined,
    goTo: (at: number) => controller.goTo({ row: active.row, column: at }),
  };
}
