"use client";

import { shownKeys } from "@/wording/keyNames";
import { measureTexts } from "@/wording/measureTexts";
import { Menu, MenuButton, MenuItem, MenuItems, MenuSeparator } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import { writeSymbol } from "@/core/unit/symbolText";
import { limits } from "@/investigation/model/limits";
import { RunTextView } from "../parts/RunTextView";
import { rangeOf } from "./gridState";
import { useGrid, useGridController, useGridPart, useQuantityInHand } from "./MeasureContext";
import { SeriesMarker } from "./SeriesMarker";

const itemLook =
  "data-focus:bg-wash flex w-full justify-between gap-6 px-3 py-1.5 text-left data-disabled:opacity-40";

function useRange() {
  const count = useGridPart(({ rows }) => rows.length);
  const top = useGrid((state) => rangeOf(state).top);
  const bottom = useGrid((state) => rangeOf(state).bottom);
  const last = Math.min(bottom, count - 1);
  return { top, last, present: top < count, count };
}

function RowItems({ top, last, present, count }: ReturnType<typeof useRange>) {
  const { rowTools } = useGridController();
  const items = [
    {
      label: measureTexts.insertAbove,
      key: "Insert",
      run: () => rowTools.insert(),
      enabled: present,
    },
    {
      label: measureTexts.moveUp,
      key: "Alt+↑",
      run: () => rowTools.move(-1),
      enabled: present && top > 0,
    },
    {
      label: measureTexts.moveDown,
      key: "Alt+↓",
      run: () => rowTools.move(1),
      enabled: present && last < count - 1,
    },
    {
      label: measureTexts.fillDown,
      key: "Alt+Shift+↓",
      run: () => rowTools.fillDown(),
      enabled: last > top,
    },
    { label: measureTexts.remove, key: "", run: () => rowTools.remove(), enabled: present },
  ];
  return items.map(({ label, key, run, enabled }) => (
    <MenuItem key={label} as="button" disabled={!enabled} className={itemLook} onClick={run}>
      {label} <span className="text-soft">{shownKeys(key)}</span>
    </MenuItem>
  ));
}

function SeriesItems({ present }: { present: boolean }) {
  const { rowTools } = useGridController();
  const all = useGridPart(({ table }) => table.series);
  const proposed = measureTexts.seriesValue({ value: all.length + 1 });
  return (
    <>
      {all.map(({ id, series }, place) => (
        <MenuItem
          key={id}
          as="button"
          disabled={!present}
          className={itemLook}
          onClick={() => rowTools.putInto(id)}
        >
          <span className="flex min-w-0 items-center gap-1.5">
            {measureTexts.putInto} <SeriesMarker seriesNumber={place} />
            <span className="truncate">{series.name.trim() || measureTexts.unnamedSeries}</span>
          </span>
        </MenuItem>
      ))}
      {all.length > 0 && (
        <MenuItem
          as="button"
          disabled={!present}
          className={itemLook}
          onClick={() => rowTools.putInto(null)}
        >
          {measureTexts.takeOutOfItsSeries}
        </MenuItem>
      )}
      <MenuItem
        as="button"
        disabled={!present || all.length >= limits.series}
        className={itemLook}
        onClick={() => rowTools.makeSeries(proposed)}
      >
        {measureTexts.makeASeriesOfThem}
      </MenuItem>
    </>
  );
}

/** What can be done with the selected rows, each with its key. */
export function RowsMenu() {
  const { rowTools } = useGridController();
  const range = useRange();
  const { top, last, present, count } = range;
  const inHand = useQuantityInHand();
  const symbol = writeSymbol(inHand?.evaluated.quantity.symbol ?? "");
  const name =
    last > top
      ? measureTexts.rowsTopToLast({ top: top + 1, last: last + 1 })
      : measureTexts.rowTop({ top: top + 1 });
  return (
    <Menu>
      <MenuButton className="bg-page border-hairline inline-flex min-h-7 items-center gap-1 rounded-md border px-2.5 font-semibold">
        {name} <ChevronDown aria-hidden size={15} />
      </MenuButton>
      <MenuItems
        modal={false}
        anchor="top start"
        className="bg-page border-hairline z-20 w-64 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        <RowItems {...range} />
        <MenuItem
          as="button"
          disabled={count < 2}
          className={itemLook}
          onClick={() => rowTools.sort()}
        >
          <span>
            {measureTexts.sortAllRowsBy} <RunTextView runs={symbol} />
          </span>
        </MenuItem>
        <MenuItem
          as="button"
          disabled={!present || last > top}
          className={itemLook}
          onClick={() => rowTools.repeatFurther()}
        >
          <span>
            {measureTexts.aFurtherRepeatOf} <RunTextView runs={symbol} />
          </span>
        </MenuItem>
        <MenuSeparator className="border-hairline my-1 border-t" />
        <SeriesItems present={present} />
      </MenuItems>
    </Menu>
  );
}
