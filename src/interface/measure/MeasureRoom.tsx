"use client";

import { useEffect, useState } from "react";
import { startFilesWorker } from "../filing/filesWorker";
import { StageLayout } from "../parts/StageLayout";
import { RecordingsMargin } from "../recordings/RecordingsMargin";
import { RecordingsPage } from "../recordings/RecordingsPage";
import { useDesk, useDeskState } from "../recordings/RecordingsProvider";
import { useInvestigationStore } from "../store/useInvestigation";
import { followHands } from "./followHands";
import { GridController } from "./GridController";
import { createGridStore } from "./gridState";
import { MeasureContext, useGridController } from "./MeasureContext";
import { MeasureMargin } from "./MeasureMargin";
import { MeasurePage } from "./MeasurePage";
import { MeasureTabs } from "./MeasureTabs";

/** When a moment is free, in ms, the worker is started that will take a long paste apart. */
const afterOpening = 700;

/** The readings, or what instruments recorded. */
function Page() {
  const controller = useGridController();
  const desk = useDesk();
  const recordings = useDeskState(({ shown }) => shown);
  const onReading = (table: string, row: string, quantity: string) => {
    desk.hide();
    controller.goToReading(table, row, quantity);
  };
  return (
    <>
      <MeasureTabs />
      {recordings ? <RecordingsPage onReading={onReading} /> : <MeasurePage />}
    </>
  );
}

/** Measure: readings on the page; first look, pencil marks and the quantity in hand in the margin. */
export function MeasureRoom() {
  const store = useInvestigationStore();
  const recordings = useDeskState(({ shown }) => shown);
  useEffect(() => {
    const timer = setTimeout(startFilesWorker, afterOpening);
    return () => clearTimeout(timer);
  }, []);
  const [controller] = useState(() => new GridController(store, createGridStore()));
  useEffect(() => followHands(store, controller.grid), [store, controller]);
  const desk = useDesk();
  const onTable = (table: string) => {
    desk.hide();
    controller.show({ table });
  };
  return (
    <MeasureContext value={controller}>
      <StageLayout
        page={<Page />}
        margin={recordings ? <RecordingsMargin onTable={onTable} /> : <MeasureMargin />}
      />
    </MeasureContext>
  );
}
