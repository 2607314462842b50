"use client";

import { useState } from "react";
import { StageLayout } from "../parts/StageLayout";
import { useInvestigationStore } from "../store/useInvestigation";
import { GridController } from "./GridController";
import { createGridStore } from "./gridState";
import { MeasureContext } from "./MeasureContext";
import { MeasureMargin } from "./MeasureMargin";
import { MeasurePage } from "./MeasurePage";

/** Measure: readings on the page; first look, pencil marks and the quantity in hand in the margin. */
export function MeasureRoom() {
  const store = useInvestigationStore();
  const [controller] = useState(() => new GridController(store, createGridStore()));
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
