"use client";

import { shownKeys } from "@/wording/keyNames";
import { measureTexts } from "@/wording/measureTexts";
import { ChevronDown } from "lucide-react";
import { writeSymbol } from "@/core/unit/symbolText";
import { limits } from "@/investigation/model/limits";
import { buttonLook } from "../parts/Button";
import { MenuOf } from "../parts/MenuOf";
import type { MenuEntry } from "../parts/menuGroups";
import { RunTextView } from "../parts/RunTextView";
import type { GridController } from "./GridController";
import { rangeOf } from "./gridState";
import { useGrid, useGridController, useGridPart, useQuantityInHand } from "./MeasureContext";
import { SeriesMarker } from "./SeriesMarker";

function useRange() {
  const count = useGridPart(({ rows }) => rows.length);
  const top = useGrid((state) => rangeOf(state).top);
  const bottom = useGrid((state) => rangeOf(state).bottom);
  const last = Math.min(bottom, count - 1);
  return { top, last, present: top < count, count };
}

type Chosen = ReturnType<typeof useRange>;

const ofRows = (
  { rowTools }: GridController,
  { top, last, present, count }: Chosen,
): readonly MenuEntry[] => [
  {
    id: "insert",
    says: measureTexts.insertAbove,
    keyShown: shownKeys("Insert"),
    run: () => rowTools.insert(),
    disabled: !present,
  },
  {
    id: "up",
    says: measureTexts.moveUp,
    keyShown: shownKeys("Alt+↑"),
    run: () => rowTools.move(-1),
    disabled: !(present && top > 0),
  },
  {
    id: "down",
    says: measureTexts.moveDown,
    keyShown: shownKeys("Alt+↓"),
    run: () => rowTools.move(1),
    disabled: !(present && last < count - 1),
  },
  {
    id: "fill",
    says: measureTexts.fillDown,
    keyShown: shownKeys("Alt+Shift+↓"),
    run: () => rowTools.fillDown(),
    disabled: last <= top,
  },
  { id: "remove", says: measureTexts.remove, run: () => rowTools.remove(), disabled: !present },
];

/** What is done by the quantity in hand. */
function useOfQuantity({ top, last, present, count }: Chosen): readonly MenuEntry[] {
  const { rowTools } = useGridController();
  const inHand = useQuantityInHand();
  const symbol = <RunTextView runs={writeSymbol(inHand?.evaluated.quantity.symbol ?? "")} />;
  return [
    {
      id: "sort",
      says: (
        <span>
          {measureTexts.sortAllRowsBy} {symbol}
        </span>
      ),
      disabled: count < 2,
      run: () => rowTools.sort(),
    },
    {
      id: "repeat",
      says: (
        <span>
          {measureTexts.aFurtherRepeatOf} {symbol}
        </span>
      ),
      disabled: !present || last > top,
      run: () => rowTools.repeatFurther(),
    },
  ];
}

function useOfSeries({ present }: Chosen): readonly MenuEntry[] {
  const { rowTools } = useGridController();
  const all = useGridPart(({ table }) => table.series);
  const proposed = measureTexts.seriesValue({ value: all.length + 1 });
  const into = all.map(({ id, series }, place) => ({
    id,
    says: (
      <span className="flex min-w-0 items-center gap-1.5">
        {measureTexts.putInto} <SeriesMarker seriesNumber={place} />
        <span className="truncate">{series.name.trim() || measureTexts.unnamedSeries}</span>
      </span>
    ),
    disabled: !present,
    run: () => rowTools.putInto(id),
  }));
  const out: MenuEntry = {
    id: "out",
    says: measureTexts.takeOutOfItsSeries,
    disabled: !present,
    run: () => rowTools.putInto(null),
  };
  const make: MenuEntry = {
    id: "make",
    says: measureTexts.makeASeriesOfThem,
    disabled: !present || all.length >= limits.series,
    run: () => rowTools.makeSeries(proposed),
  };
  return [...into, ...(all.length > 0 ? [out] : []), make];
}

/** What can be done with the selected rows, each with its key. */
export function RowsMenu() {
  const controller = useGridController();
  const range = useRange();
  const { top, last } = range;
  const entries = [...ofRows(controller, range), ...useOfQuantity(range)];
  return (
    <MenuOf
      groups={[{ entries }, { entries: useOfSeries(range) }]}
      anchor="top start"
      className={buttonLook()}
      menuClass="w-64"
    >
      {last > top
        ? measureTexts.rowsTopToLast({ top: top + 1, last: last + 1 })
        : measureTexts.rowTop({ top: top + 1 })}{" "}
      <ChevronDown aria-hidden size={15} />
    </MenuOf>
  );
}
