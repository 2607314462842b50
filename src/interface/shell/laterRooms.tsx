"use client";

import { type ComponentType, useEffect } from "react";
import { stages, type StageId } from "@/wording/stages";
import { Coming } from "../later/Coming";
import { fetchAhead } from "../later/fetchAhead";
import { savesData } from "../later/freeMoment";
import { laterPart, type LaterPart } from "../later/laterPart";
import { LookForMarksLater } from "../marks/MarksProvider";
import { MeasureRoom } from "../measure/MeasureRoom";
import { TakeValue } from "../measure/takeValueLater";
import { keepApplication } from "../offline/keptApplication";
import { stageOfPath } from "../parts/stagePath";

type RoomPart = LaterPart<object>;

const room = (load: () => Promise<ComponentType>) => laterPart(load, { waiting: <Coming /> });

/** The page and margin of each stage but Measure, which comes with the bench. */
const rooms: Readonly<Record<Exclude<StageId, "measure">, RoomPart>> = {
  derive: room(() => import("../derive/DeriveRoom").then((part) => part.DeriveRoom)),
  straighten: room(() => import("../straighten/StraightenRoom").then((part) => part.StraightenRoom)),
  plot: room(() => import("../plot/PlotRoom").then((part) => part.PlotRoom)),
  slope: room(() => import("../slope/SlopeRoom").then((part) => part.SlopeRoom)),
  conclude: room(() => import("../conclude/ConcludeRoom").then((part) => part.ConcludeRoom)),
  writeup: room(() => import("../writeup/WriteUpRoom").then((part) => part.WriteUpRoom)),
}; // prettier-ignore

/** Page and margin of a stage. */
export function Room({ stage }: { stage: StageId }) {
  if (stage === "measure") return <MeasureRoom />;
  const Shown = rooms[stage];
  return <Shown />;
}

/** Makes what Write up shows while nobody waits for it; comes ahead. */
export const PreparedReport = laterPart(
  () => import("../writeup/PreparedReport").then((part) => part.PreparedReport),
  { needed: () => false },
);

export const FirstTour = laterPart(() => import("./FirstTour").then((part) => part.FirstTour), {
  quiet: true,
});
export const RemarksMargin = laterPart(() =>
  import("../remarks/RemarksMargin").then((part) => part.RemarksMargin),
);
export const RemarkedThings = laterPart(
  () => import("../remarks/RemarkedThings").then((part) => part.RemarkedThings),
  { quiet: true },
);

const laterOf = (stage: StageId | undefined) =>
  stage === undefined || stage === "measure" ? [] : [rooms[stage].later];

/** The room that the address names is asked for before the sheet is open. */
if (typeof window !== "undefined") {
  for (const later of laterOf(stageOfPath(window.location.pathname))) later.fetch().catch(() => {});
}

/** Once the stage in hand is shown, its pencil marks and its neighbours on the rule are fetched ahead, then all the rest. */
export function useRoomsAhead(stage: StageId): void {
  useEffect(() => {
    let current = true;
    const at = stages.indexOf(stage);
    const near = [stages[at], stages[at + 1], stages[at - 1]].flatMap((one) => laterOf(one));
    const ofMeasure = stage === "measure" ? [TakeValue.later] : [];
    void fetchAhead([LookForMarksLater.later, ...ofMeasure, ...near], () => current).then((all) => {
      if (!all) return;
      document.documentElement.dataset.allHere = "yes";
      if (!savesData()) void keepApplication();
    });
    return () => {
      current = false;
    };
  }, [stage]);
}
