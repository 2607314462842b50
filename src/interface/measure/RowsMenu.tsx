"use client";

import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import { RunTextView } from "../parts/RunTextView";
import { writeSymbol } from "@/core/unit/symbolText";
import { useTable } from "../store/useEvaluated";
import { rangeOf } from "./gridState";
import { useGrid, useGridController } from "./MeasureContext";

const itemLook =
  "data-focus:bg-wash flex w-full justify-between gap-6 px-3 py-1.5 text-left data-disabled:opacity-40";

function useRange() {
  const { rows } = useTable();
  const top = useGrid((state) => rangeOf(state).top);
  const bottom = useGrid((state) => rangeOf(state).bottom);
  const last = Math.min(bottom, rows.length - 1);
  return { top, last, present: top < rows.length, count: rows.length };
}

/** What can be done with the selected rows, each with its key. */
export function RowsMenu() {
  const { rowTools } = useGridController();
  const { quantities } = useTable();
  const { top, last, present, count } = useRange();
  const column = useGrid((state) => state.active.column);
  const symbol = writeSymbol(quantities[column]?.quantity.symbol ?? "");
  const name = last > top ? `rows ${top + 1} to ${last + 1}` : `row ${top + 1}`;
  const items = [
    { label: "Insert above", key: "Insert", run: () => rowTools.insert(), enabled: present },
    { label: "Move up", key: "Alt+↑", run: () => rowTools.move(-1), enabled: present && top > 0 },
    {
      label: "Move down",
      key: "Alt+↓",
      run: () => rowTools.move(1),
      enabled: present && last < count - 1,
    },
    { label: "Fill down", key: "Alt+Shift+↓", run: () => rowTools.fillDown(), enabled: last > top },
    { label: "Remove", key: "", run: () => rowTools.remove(), enabled: present },
  ];
  return (
    <Menu>
      <MenuButton className="bg-page border-hairline inline-flex min-h-7 items-center gap-1 rounded-md border px-2.5 font-semibold">
        {name.charAt(0).toUpperCase() + name.slice(1)} <ChevronDown aria-hidden size={15} />
      </MenuButton>
      <MenuItems
        anchor="bottom start"
        className="bg-page border-hairline z-20 w-56 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        {items.map(({ label, key, run, enabled }) => (
          <MenuItem key={label} as="button" disabled={!enabled} className={itemLook} onClick={run}>
            {label} <span className="text-soft">{key}</span>
          </MenuItem>
        ))}
        <MenuItem
          as="button"
          disabled={count < 2}
          className={itemLook}
          onClick={() => rowTools.sort()}
        >
          <span>
            Sort all rows by <RunTextView runs={symbol} />
          </span>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
}
