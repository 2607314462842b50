"use client";

import { CameFromNote } from "./CameFromNote";
import type { WrittenMark } from "@/marks/mark";
import { StageMarks } from "../marks/StageMarks";
import { useGridController } from "./MeasureContext";
import { QuantityPanel } from "./QuantityPanel";
import { ForWriters } from "../store/ForWriters";
import { SetAsidePanel } from "./SetAsidePanel";
import { TakeValue } from "./takeValueLater";
import { laterPart } from "../later/laterPart";
import { WithDesk } from "../recordings/RecordingsProvider";

const FirstLook = laterPart(() => import("./FirstLook").then((part) => part.FirstLook));

/** The margin of Measure: a first look, what is amiss, and the quantity in hand. */
export function MeasureMargin() {
  const controller = useGridController();
  const go = ({ row, column, table }: WrittenMark) => {
    if (controller.view().table.id !== table) controller.show({ table });
    else if (controller.view().series) controller.show({});
    controller.goTo({ row: row ?? controller.grid.getState().active.row, column });
  };
  return (
    <>
      <CameFromNote />
      <FirstLook />
      <StageMarks stage="measure" go={go} />
      <QuantityPanel />
      <SetAsidePanel />
      <ForWriters>
        <WithDesk>
          <TakeValue />
        </WithDesk>
      </ForWriters>
    </>
  );
}
