"use client";

import { useState } from "react";
import { setAside } from "@/investigation/acts/setAside";
import { takeBack } from "@/investigation/acts/takeBack";
import { reasonSetAside, wholeRow } from "@/investigation/model/row";
import { reasonsToSetAside } from "@/wording/settingAside";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { TextField } from "../parts/TextField";
import { useActs } from "../store/useInvestigation";
import { rangeOf } from "./gridState";
import { useGrid, useGridView } from "./MeasureContext";

const ownReason = "own";
const choices = [
  ...reasonsToSetAside.map((reason) => ({ value: reason as string, label: reason as string })),
  { value: ownReason, label: "another reason" },
];

/** The selected rows and columns that hold something. */
function useSelected() {
  const { rows, columns } = useGridView();
  const top = useGrid((state) => rangeOf(state).top);
  const bottom = useGrid((state) => rangeOf(state).bottom);
  const left = useGrid((state) => rangeOf(state).left);
  const right = useGrid((state) => rangeOf(state).right);
  const chosen = rows.slice(top, bottom + 1);
  const name = chosen.length > 1 ? `rows ${top + 1} to ${top + chosen.length}` : `row ${top + 1}`;
  const across = columns.slice(left, right + 1);
  const only = chosen.length === 1 && across.length === 1 ? across[0] : undefined;
  const reading = only ? (only.of > 1 ? `repeat ${only.repeat}` : "the reading") : "the readings";
  return { chosen, name, reading, cells: across.map(({ cell }) => cell) };
}

interface NowProps {
  name: string;
  reading: string;
  onReason: (reason: string, whole: boolean) => void;
}

function SetAsideNow({ name, reading, onReason }: NowProps) {
  const [choice, setChoice] = useState<string>(reasonsToSetAside[0]);
  const [own, setOwn] = useState("");
  const reason = choice === ownReason ? own.trim() : choice;
  return (
    <div className="flex flex-col gap-2">
      <Choice label="Because" value={choice} options={choices} onChange={setChoice} />
      {choice === ownReason && <TextField label="The reason" value={own} onChange={setOwn} />}
      <div className="flex flex-wrap gap-2">
        <Button disabled={reason === ""} onClick={() => onReason(reason, false)}>
          Set aside {reading}
        </Button>
        <Button disabled={reason === ""} onClick={() => onReason(reason, true)}>
          Set aside {name}
        </Button>
      </div>
    </div>
  );
}

/** Sets the selected readings, repeats or rows aside with a reason, or takes them back. */
export function SetAsidePanel() {
  const { chosen, name, reading, cells } = useSelected();
  const { act } = useActs();
  if (chosen.length === 0) return null;
  const reasons = chosen.flatMap(({ row }) => cells.map((cell) => reasonSetAside(row, cell)));
  const reason = reasons.find((found) => found !== undefined);
  const put = (because: string, whole: boolean) => {
    const readings = chosen.flatMap(({ id: row }) =>
      (whole ? [wholeRow] : cells).map((cell) => ({ row, cell })),
    );
    act(setAside, { readings, reason: because });
  };
  const back = () =>
    act(takeBack, { rows: chosen.map(({ id }) => id), cells: [...cells, wholeRow] });
  return (
    <MarginNote title={reason === undefined ? `Set ${name} aside` : "Set aside"}>
      {reason === undefined ? (
        <SetAsideNow name={name} reading={reading} onReason={put} />
      ) : (
        <>
          <p className="mb-2">
            In {name}, set aside: {reason}.
          </p>
          <Button onClick={back}>Take back</Button>
        </>
      )}
    </MarginNote>
  );
}
