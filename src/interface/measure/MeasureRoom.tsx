"use client";

import { useEffect, useState } from "react";
import { startFilesWorker } from "../filing/filesWorker";
import { StageLayout } from "../parts/StageLayout";
import { useInvestigationStore } from "../store/useInvestigation";
import { followHands } from "./followHands";
import { GridController } from "./GridController";
import { createGridStore } from "./gridState";
import { MeasureContext } from "./MeasureContext";
import { MeasureMargin } from "./MeasureMargin";
import { MeasurePage } from "./MeasurePage";

/** When a moment is free, in ms, the worker is started that will take a long paste apart. */
const afterOpening = 700;

/** Measure: readings on the page; first look, pencil marks and the quantity in hand in the margin. */
export function MeasureRoom() {
  const store = useInvestigationStore();
  useEffect(() => {
    const timer = setTimeout(() => void startFilesWorker(), afterOpening);
    return () => clearTimeout(timer);
  }, []);
  const [controller] = useState(() => new GridController(store, createGridStore()));
  useEffect(() => followHands(store, controller.grid), [store, controller]);
  return (
    <MeasureContext value={controller}>
      <StageLayout
        page={<MeasurePage />}
        margin={<MeasureMargin />}
        onLeaveMargin={() => controller.summon()}
      />
    </MeasureContext>
  );
}
