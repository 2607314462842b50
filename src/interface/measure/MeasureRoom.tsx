"use client";

import { useEffect, useState } from "react";
import { StageLayout } from "../parts/StageLayout";
import { useDeskPlace, useDeskStateHere } from "../recordings/RecordingsProvider";
import { useInvestigationStore } from "../store/useInvestigation";
import { followHands } from "./followHands";
import { GridController } from "./GridController";
import { createGridStore } from "./gridState";
import { MeasureContext, useGridController } from "./MeasureContext";
import { MeasurePage } from "./MeasurePage";
import { MeasureTabs } from "./MeasureTabs";
import { Later } from "../later/Later";
import { laterPart } from "../later/laterPart";

const MeasureMargin = laterPart(() => import("./MeasureMargin").then((part) => part.MeasureMargin));

const RecordingsMargin = laterPart(() =>
  import("../recordings/RecordingsMargin").then((part) => part.RecordingsMargin),
);

const RecordingsPage = laterPart(() =>
  import("../recordings/RecordingsPage").then((part) => part.RecordingsPage),
);

/** What reads files and long pastes. */
const reading = new Later(() => import("../filing/filesWorker"));

/** When a moment is free, in ms, the worker is started that will take a long paste apart. */
const afterOpening = 700;

/** The readings, or what instruments recorded. */
function Page() {
  const controller = useGridController();
  const place = useDeskPlace();
  const recordings = useDeskStateHere(({ shown }) => shown, false);
  const onReading = (table: string, row: string, quantity: string) => {
    place.here()?.hide();
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
  const recordings = useDeskStateHere(({ shown }) => shown, false);
  useEffect(() => {
    const start = () =>
      void reading.fetch().then(
        ({ startFilesWorker }) => startFilesWorker(),
        () => {},
      );
    const timer = setTimeout(start, afterOpening);
    return () => clearTimeout(timer);
  }, []);
  const [controller] = useState(() => new GridController(store, createGridStore()));
  useEffect(() => followHands(store, controller.grid), [store, controller]);
  const place = useDeskPlace();
  const onTable = (table: string) => {
    place.here()?.hide();
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
