"use client";

import * as ContextMenu from "@radix-ui/react-context-menu";
import { type PointerEvent, type ReactElement, useContext, useRef, useState } from "react";
import { hideQuantity } from "@/investigation/acts/hideQuantity";
import { setAside } from "@/investigation/acts/setAside";
import { takeBack } from "@/investigation/acts/takeBack";
import { reasonSetAside, wholeRow } from "@/investigation/model/row";
import { isDerived } from "@/pipeline/table/gridColumns";
import { gridMenuWords as words } from "@/wording/gridMenu";
import { reasonsToSetAside } from "@/wording/settingAside";
import { HistoryContext } from "../history/LookingBack";
import { doAct } from "../store/investigationStore";
import { pasteFromClipboard } from "./entry/usePasting";
import type { GridController } from "./GridController";
import { rangeOf } from "./gridState";
import { useGridController } from "./MeasureContext";

interface Item {
  readonly label: string;
  readonly key?: string;
  readonly run?: () => void;
  /** Reasons to choose from, for what is done only with one. */
  readonly reasons?: (reason: string) => void;
}

type Groups = readonly (readonly Item[])[];

/** What can be done with the selected rows. */
function ofRows({ rowTools }: GridController, several: boolean): readonly Item[] {
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
): Groups {
  const { store } = controller;
  const { top, bottom, left, right } = rangeOf(controller.grid.getState());
  const { rows, columns } = controller.view();
  const chosen = rows.slice(top, bottom + 1);
  const across = columns.slice(left, right + 1);
  const cells = across.map(({ cell }) => cell);
  const ids = chosen.map(({ id }) => id);
  const aside = chosen.some(({ row }) => cells.some((cell) => reasonSetAside(row, cell)));
  const put = (places: readonly string[]) => (reason: string) =>
    doAct(store, setAside, {
      readings: ids.flatMap((row) => places.map((cell) => ({ row, cell }))),
      reason,
    });
  const back = () => doAct(store, takeBack, { rows: ids, cells: [...cells, wholeRow] });
  const typed = across.some((column) => !isDerived(column));
  const setting: readonly Item[] = aside
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

/** What can be done with the quantity in hand. */
function ofHeading(controller: GridController): Groups {
  const { columns } = controller.view();
  const quantity = columns[controller.grid.getState().active.column]?.evaluated.id;
  if (quantity === undefined) return [];
  return [
    [
      { label: words.left, key: "Alt+←", run: () => controller.moveQuantity(-1) },
      { label: words.right, key: "Alt+→", run: () => controller.moveQuantity(1) },
      {
        label: words.hide,
        run: () => doAct(controller.store, hideQuantity, { quantity, hidden: true }),
      },
    ],
  ];
}

const look =
  "data-highlighted:bg-wash flex min-h-9 cursor-pointer items-center justify-between gap-6 px-3 text-left outline-none pointer-coarse:min-h-11";
const sheet =
  "bg-page border-hairline z-30 min-w-52 rounded-md border py-1 text-sm shadow-sm focus:outline-none";

function Entry({ item: { label, key, run, reasons } }: { item: Item }) {
  if (!reasons) {
    return (
      <ContextMenu.Item className={look} onSelect={() => run?.()}>
        {label} {key && <span className="text-soft">{key}</span>}
      </ContextMenu.Item>
    );
  }
  return (
    <ContextMenu.Sub>
      <ContextMenu.SubTrigger className={look}>
        {label} <span aria-hidden>›</span>
      </ContextMenu.SubTrigger>
      <ContextMenu.Portal>
        <ContextMenu.SubContent className={sheet}>
          {reasonsToSetAside.map((reason) => (
            <ContextMenu.Item key={reason} className={look} onSelect={() => reasons(reason)}>
              {reason}
            </ContextMenu.Item>
          ))}
        </ContextMenu.SubContent>
      </ContextMenu.Portal>
    </ContextMenu.Sub>
  );
}

interface Opened {
  readonly name: string;
  readonly groups: Groups;
}

interface Props {
  onSaid: (sentence: string) => void;
  children: ReactElement;
}

/** The menu of a cell or a heading of the grid: by right click, by a long press, or by the menu key. */
export function GridMenu({ onSaid, children }: Props) {
  const controller = useGridController();
  const pressed = useRef<Element>(undefined);
  const history = useContext(HistoryContext);
  const [opened, setOpened] = useState<Opened>();
  const open = () => {
    const target = pressed.current;
    pressed.current = undefined;
    const heading = target?.closest("[data-quantity-column]");
    if (heading) {
      const column = Number(heading.getAttribute("data-quantity-column"));
      controller.goTo({ row: controller.grid.getState().active.row, column });
      setOpened({ name: words.heading, groups: ofHeading(controller) });
      return;
    }
    const cell = target?.closest("[data-cell]")?.getAttribute("data-cell");
    const [row, column] = cell ? cell.split(" ").map(Number) : [];
    const { top, bottom, left, right } = rangeOf(controller.grid.getState());
    if (row !== undefined && column !== undefined) {
      const within = row >= top && row <= bottom && column >= left && column <= right;
      if (!within) controller.goTo({ row, column });
    }
    setOpened({ name: words.cell, groups: ofCells(controller, onSaid, history) });
  };
  return (
    <ContextMenu.Root onOpenChange={(isOpen) => isOpen && open()}>
      <ContextMenu.Trigger
        asChild
        onPointerDownCapture={(event: PointerEvent) => (pressed.current = event.target as Element)}
      >
        {children}
      </ContextMenu.Trigger>
      <ContextMenu.Portal>
        <ContextMenu.Content
          aria-label={opened?.name}
          className={sheet}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            controller.summon();
          }}
        >
          {opened?.groups
            .filter((group) => group.length > 0)
            .map((group, place) => (
              <ContextMenu.Group key={group[0]!.label}>
                {place > 0 && <ContextMenu.Separator className="bg-hairline my-1 h-px" />}
                {group.map((item) => (
                  <Entry key={item.label} item={item} />
                ))}
              </ContextMenu.Group>
            ))}
        </ContextMenu.Content>
      </ContextMenu.Portal>
    </ContextMenu.Root>
  );
}
