"use client";

import { measureTexts } from "@/wording/measureTexts";
import type { Reason } from "@/investigation/model/reason";
import { type ReactElement, useContext } from "react";
import { hideQuantity } from "@/investigation/acts/hideQuantity";
import { setAside } from "@/investigation/acts/setAside";
import { takeBack } from "@/investigation/acts/takeBack";
import { reasonSetAside, wholeRow } from "@/investigation/model/row";
import { isDerived } from "@/pipeline/table/gridColumns";
import { gridMenuWords as words } from "@/wording/gridMenu";
import { HistoryContext } from "../history/LookingBack";
import { doAct } from "../store/investigationStore";
import { ActsMenu } from "../parts/ActsMenu";
import type { AboutThing, Doing, Doings } from "../parts/doings";
import { pasteFromClipboard } from "./entry/usePasting";
import type { GridController } from "./GridController";
import { rangeOf } from "./gridState";
import { useGridController } from "./MeasureContext";

/** What can be done with the selected rows. */
function ofRows({ rowTools }: GridController, several: boolean): readonly Doing[] {
  return [
    { label: words.insert, key: "Insert", run: () => rowTools.insert() },
    { label: words.up, key: "Alt+↑", run: () => rowTools.move(-1) },
    { label: words.down, key: "Alt+↓", run: () => rowTools.move(1) },
    ...(several ? [{ label: words.fill, key: "Alt+Shift+↓", run: () => rowTools.fillDown() }] : []),
    { label: words.remove, run: () => rowTools.remove() },
  ];
}

/** What can be done with the selected cells and their rows. */
function ofCells(
  controller: GridController,
  onSaid: (sentence: string) => void,
  history: (reading: { row: string; cell: string }) => void,
): Doings {
  const { store } = controller;
  const { top, bottom, left, right } = rangeOf(controller.grid.getState());
  const { rows, columns } = controller.view();
  const chosen = rows.slice(top, bottom + 1);
  const across = columns.slice(left, right + 1);
  const cells = across.map(({ cell }) => cell);
  const ids = chosen.map(({ id }) => id);
  const aside = chosen.some(({ row }) => cells.some((cell) => reasonSetAside(row, cell)));
  const put = (places: readonly string[]) => (reason: Reason) =>
    doAct(store, setAside, {
      readings: ids.flatMap((row) => places.map((cell) => ({ row, cell }))),
      reason,
    });
  const back = () => doAct(store, takeBack, { rows: ids, cells: [...cells, wholeRow] });
  const typed = across.some((column) => !isDerived(column));
  const setting: readonly Doing[] = aside
    ? [{ label: words.back, run: back }]
    : [
        { label: words.asideReading, reasons: put(cells) },
        { label: words.asideRow, reasons: put([wholeRow]) },
      ];
  const [row, cell] = [ids[0], cells[0]];
  const only =
    typed && ids.length === 1 && cells.length === 1 && row !== undefined && cell !== undefined
      ? { row, cell }
      : undefined;
  const copy = () => void navigator.clipboard.writeText(controller.copied());
  return [
    [
      { label: words.copy, key: "Ctrl+C", run: copy },
      ...(typed
        ? [
            {
              label: words.paste,
              key: "Ctrl+V",
              run: () => void pasteFromClipboard(controller, onSaid),
            },
          ]
        : []),
      ...(typed && top === bottom
        ? [{ label: words.edit, key: "F2", run: () => controller.edit() }]
        : []),
      ...(typed ? [{ label: words.empty, key: "Delete", run: () => controller.clear() }] : []),
      { label: words.big, key: "Ctrl+Enter", run: () => controller.showBig(true) },
    ],
    chosen.length > 0 ? setting : [],
    only ? [{ label: words.history, run: () => history(only) }] : [],
    chosen.length > 0 ? ofRows(controller, bottom > top) : [],
  ];
}

/** Puts the hands into a field of the margin that is about the quantity in hand. */
function toField(label: string): void {
  const part = document.querySelector('aside[aria-label="Margin"] [data-about="quantity"]');
  const named = (field: Element) =>
    document.getElementById(field.getAttribute("aria-labelledby") ?? "")?.textContent?.trim();
  const fields = [...(part?.querySelectorAll("input") ?? [])];
  fields.find((field) => named(field) === label)?.select();
}

/** What can be done with the quantity in hand. */
function ofQuantity(controller: GridController): Doings {
  const { columns } = controller.view();
  const evaluated = columns[controller.grid.getState().active.column]?.evaluated;
  if (!evaluated) return [];
  const { columnTools } = controller;
  const { id } = evaluated;
  return [
    [
      { label: words.name, then: () => toField(measureTexts.name) },
      { label: words.symbol, then: () => toField(measureTexts.symbol) },
    ],
    [
      { label: words.left, key: "Alt+←", run: () => controller.moveQuantity(-1) },
      { label: words.right, key: "Alt+→", run: () => controller.moveQuantity(1) },
      {
        label: words.hide,
        run: () => doAct(controller.store, hideQuantity, { quantity: id, hidden: true }),
      },
      { label: words.duplicate, run: () => controller.goToQuantity(columnTools.duplicate(id)) },
      { label: words.removeQuantity, run: () => columnTools.remove(evaluated) },
    ],
  ];
}

interface Props {
  onSaid: (sentence: string) => void;
  children: ReactElement;
}

/** The menu of a cell or a heading of the grid, with all that can be done to it. */
export function GridMenu({ onSaid, children }: Props) {
  const controller = useGridController();
  const history = useContext(HistoryContext);
  const about = (target: Element): AboutThing => {
    const heading = target.closest("[data-quantity-column]");
    if (heading) {
      const column = Number(heading.getAttribute("data-quantity-column"));
      controller.goTo({ row: controller.grid.getState().active.row, column });
      return { name: words.heading, groups: ofQuantity(controller) };
    }
    const cell = target.closest("[data-cell]")?.getAttribute("data-cell");
    const [row, column] = cell ? cell.split(" ").map(Number) : [];
    const { top, bottom, left, right } = rangeOf(controller.grid.getState());
    if (row !== undefined && column !== undefined) {
      const within = row >= top && row <= bottom && column >= left && column <= right;
      if (!within) controller.goTo({ row, column });
    }
    const quantity = ofQuantity(controller);
    const more = quantity.length > 0 ? [[{ label: words.quantity, more: quantity }]] : [];
    return { name: words.cell, groups: [...ofCells(controller, onSaid, history), ...more] };
  };
  return (
    <ActsMenu about={about} onLeave={() => controller.summon()}>
      {children}
    </ActsMenu>
  );
}
