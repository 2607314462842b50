"use client";

import { CameFromNote } from "./CameFromNote";
import { FirstLook } from "./FirstLook";
import type { WrittenMark } from "@/marks/mark";
import { StageMarks } from "../marks/StageMarks";
import { useGridController } from "./MeasureContext";
import { QuantityPanel } from "./QuantityPanel";
import { ForWriters } from "../store/ForWriters";
import { SetAsidePanel } from "./SetAsidePanel";
import { TakeValue } from "./TakeValue";

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
        <TakeValue />
      </ForWriters>
    </>
  );
}
