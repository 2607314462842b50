"use client";

import { measureTexts } from "@/wording/measureTexts";
import { useState } from "react";
import { setAside } from "@/investigation/acts/setAside";
import { takeBack } from "@/investigation/acts/takeBack";
import { reasonSetAside, wholeRow } from "@/investigation/model/row";
import { reasonText } from "@/wording/settingAside";
import { type Reason, usualReasons } from "@/investigation/model/reason";
import { Button } from "../parts/Button";
import { ReasonField } from "../parts/ReasonField";
import { MarginNote } from "../parts/StageLayout";
import { useActs } from "../store/useInvestigation";
import { rangeOf } from "./gridState";
import { useGrid, useGridController, useGridPart } from "./MeasureContext";

/** The selected rows and columns that hold something. */
function useSelected() {
  const controller = useGridController();
  const top = useGrid((state) => rangeOf(state).top);
  const bottom = useGrid((state) => rangeOf(state).bottom);
  const left = useGrid((state) => rangeOf(state).left);
  const right = useGrid((state) => rangeOf(state).right);
  const count = useGridPart(({ rows }) => Math.min(bottom + 1, rows.length) - top);
  const name =
    count > 1
      ? measureTexts.rowsTopToTop2({ top: top + 1, top2: top + count })
      : measureTexts.rowTop2({ top: top + 1 });
  const reading = useGridPart(({ columns }) => {
    const only = count === 1 && left === right ? columns[left] : undefined;
    if (!only) return measureTexts.theReadings;
    return only.of > 1
      ? measureTexts.repeatRepeat2({ repeat: only.repeat })
      : measureTexts.theReading;
  });
  const reason = useGridPart(({ rows, columns }) => {
    const across = columns.slice(left, right + 1);
    for (const { row } of rows.slice(top, bottom + 1)) {
      for (const { cell } of row.setAside ? across : []) {
        const found = reasonSetAside(row, cell);
        if (found !== undefined) return found;
      }
    }
    return undefined;
  });
  const selected = () => {
    const { rows, columns } = controller.view();
    const cells = columns.slice(left, right + 1).map(({ cell }) => cell);
    return { rows: rows.slice(top, bottom + 1).map(({ id }) => id), cells };
  };
  return { count, name, reading, reason, selected };
}

interface NowProps {
  name: string;
  reading: string;
  onReason: (reason: Reason, whole: boolean) => void;
}

function SetAsideNow({ name, reading, onReason }: NowProps) {
  const [reason, setReason] = useState<Reason>({ usual: usualReasons[0] });
  return (
    <div className="flex flex-col gap-2">
      <ReasonField
        label={measureTexts.because}
        of={usualReasons}
        value={reason}
        onChange={setReason}
      />
      <div className="flex flex-wrap gap-2">
        <Button disabled={reason === ""} onClick={() => onReason(reason, false)}>
          {measureTexts.setAsideReading({ reading })}
        </Button>
        <Button disabled={reason === ""} onClick={() => onReason(reason, true)}>
          {measureTexts.setAsideName({ name })}
        </Button>
      </div>
    </div>
  );
}

/** Sets the selected readings, repeats or rows aside with a reason, or takes them back. */
export function SetAsidePanel() {
  const { count, name, reading, reason, selected } = useSelected();
  const { act } = useActs();
  if (count < 1) return null;
  const put = (because: Reason, whole: boolean) => {
    const { rows, cells } = selected();
    const readings = rows.flatMap((row) =>
      (whole ? [wholeRow] : cells).map((cell) => ({ row, cell })),
    );
    act(setAside, { readings, reason: because });
  };
  const back = () => {
    const { rows, cells } = selected();
    act(takeBack, { rows, cells: [...cells, wholeRow] });
  };
  return (
    <MarginNote
      about="reading"
      title={reason === undefined ? measureTexts.setNameAside({ name }) : measureTexts.setAside}
    >
      {reason === undefined ? (
        <SetAsideNow name={name} reading={reading} onReason={put} />
      ) : (
        <>
          <p className="mb-2">
            {measureTexts.inNameSetAsideReasontext({ name, reasonText: reasonText(reason) })}
          </p>
          <Button onClick={back}>{measureTexts.takeBack}</Button>
        </>
      )}
    </MarginNote>
  );
}
