"use client";

import { measureTexts } from "@/wording/measureTexts";
import { ChevronDown, ChevronUp } from "lucide-react";
import { useCallback, useEffect, useRef, useState } from "react";
import { type CalledReading } from "../parts/DrawerCall";
import { Button } from "../parts/Button";
import { useInvestigationStore } from "../store/useInvestigation";
import { useFigure, useTables } from "../store/useEvaluated";
import { GridController } from "./GridController";
import { createGridStore } from "./gridState";
import { MeasureContext } from "./MeasureContext";
import { ReadingsGrid } from "./ReadingsGrid";
import { SeriesLine } from "./SeriesLine";
import { GatheredNote } from "./GatheredNote";
import { TableLine } from "./TableLine";
import { useLastSaid } from "../language/useLastSaid";

/** Alt+0 opens and closes the drawer from anywhere. */
function useDrawerKey(toggle: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey || event.code !== "Digit0") return;
      event.preventDefault();
      toggle();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [toggle]);
}

/** The table that the figure in hand is drawn from. */
function usePlottedTable(): string | undefined {
  const x = useFigure()?.figure.x;
  return useTables().find(({ quantities }) => quantities.some(({ id }) => id === x))?.id;
}

interface Props {
  /** Held by the shell, so that the drawer stays as it is when the stage changes. */
  open: boolean;
  onOpen: (open: boolean) => void;
  /** The reading that was asked for last. */
  called: CalledReading | undefined;
}

/** The readings over the lower part of a page: the same grid, one key away, so nobody leaves a figure to mend a number. */
export function ReadingsDrawer({ open, onOpen, called }: Props) {
  const store = useInvestigationStore();
  const plotted = usePlottedTable();
  const [controller] = useState(() => new GridController(store, createGridStore(plotted)));
  const [said, onSaid] = useLastSaid();
  const button = useRef<HTMLButtonElement>(null);
  const toggle = useCallback(() => onOpen(!open), [onOpen, open]);
  useDrawerKey(toggle);
  useEffect(() => {
    if (called) controller.goToReading(called.table, called.row, called.quantity);
  }, [called, controller]);
  const closeOnEscape = (event: React.KeyboardEvent) => {
    if (event.key !== "Escape" || controller.grid.getState().mode !== "moving") return;
    event.stopPropagation();
    onOpen(false);
    button.current?.focus();
  };
  const Icon = open ? ChevronDown : ChevronUp;
  return (
    <section
      aria-label={measureTexts.drawerOfReadings}
      data-drawer
      className="bg-page border-hairline sticky bottom-0 z-10 border-t px-6"
    >
      <Button
        ref={button}
        look="quiet"
        aria-expanded={open}
        aria-keyshortcuts="Alt+0"
        title={measureTexts.readingsAlt0}
        onClick={toggle}
        className="my-1 -ml-2.5"
      >
        <Icon aria-hidden size={16} />{" "}
        {open ? measureTexts.putTheReadingsAway : measureTexts.readings}
      </Button>
      {open && (
        <div className="pb-3" onKeyDownCapture={closeOnEscape}>
          <MeasureContext value={controller}>
            <TableLine />
            <SeriesLine />
            <ReadingsGrid onSaid={onSaid} height="max-h-[34vh]" />
          </MeasureContext>
          <p role="status" className="text-soft mt-1">
            {said}
          </p>
          <MeasureContext value={controller}>
            <GatheredNote />
          </MeasureContext>
        </div>
      )}
    </section>
  );
}
