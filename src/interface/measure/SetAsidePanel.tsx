"use client";

import { useState } from "react";
import { setAside } from "@/investigation/acts/setAside";
import { takeBack } from "@/investigation/acts/takeBack";
import { reasonSetAside, wholeRow } from "@/investigation/model/investigation";
import { reasonsToSetAside } from "@/wording/settingAside";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { TextField } from "../parts/TextField";
import { useTable } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { rangeOf } from "./gridState";
import { useGrid } from "./MeasureContext";

const ownReason = "own";
const choices = [
  ...reasonsToSetAside.map((reason) => ({ value: reason, label: reason })),
  { value: ownReason, label: "another reason" },
];

/** The selected rows and quantities that hold something. */
function useSelected() {
  const { rows, quantities } = useTable();
  const top = useGrid((state) => rangeOf(state).top);
  const bottom = useGrid((state) => rangeOf(state).bottom);
  const left = useGrid((state) => rangeOf(state).left);
  const right = useGrid((state) => rangeOf(state).right);
  const chosen = rows.slice(top, bottom + 1);
  const name = chosen.length > 1 ? `rows ${top + 1} to ${top + chosen.length}` : `row ${top + 1}`;
  return { chosen, name, quantities: quantities.slice(left, right + 1) };
}

function SetAsideNow({
  name,
  onReason,
}: {
  name: string;
  onReason: (reason: string, whole: boolean) => void;
}) {
  const [choice, setChoice] = useState<string>(reasonsToSetAside[0]);
  const [own, setOwn] = useState("");
  const reason = choice === ownReason ? own.trim() : choice;
  return (
    <div className="flex flex-col gap-2">
      <Choice label="Because" value={choice} options={choices} onChange={setChoice} />
      {choice === ownReason && <TextField label="The reason" value={own} onChange={setOwn} />}
      <div className="flex flex-wrap gap-2">
        <Button disabled={reason === ""} onClick={() => onReason(reason, false)}>
          Set aside the reading
        </Button>
        <Button disabled={reason === ""} onClick={() => onReason(reason, true)}>
          Set aside {name}
        </Button>
      </div>
    </div>
  );
}

/** Sets the selected readings or rows aside with a reason, or takes them back. */
export function SetAsidePanel() {
  const { chosen, name, quantities } = useSelected();
  const { act } = useActs();
  if (chosen.length === 0) return null;
  const reason = chosen
    .flatMap(({ row }) => quantities.map(({ id }) => reasonSetAside(row, id)))
    .find((found) => found !== undefined);
  const put = (because: string, whole: boolean) => {
    const readings = chosen.flatMap(({ id: row }) =>
      whole ? [{ row, quantity: wholeRow }] : quantities.map(({ id }) => ({ row, quantity: id })),
    );
    act(setAside, { readings, reason: because });
  };
  return (
    <MarginNote title={reason === undefined ? `Set ${name} aside` : "Set aside"}>
      {reason === undefined ? (
        <SetAsideNow name={name} onReason={put} />
      ) : (
        <>
          <p className="mb-2">
            In {name}, set aside: {reason}.
          </p>
          <Button onClick={() => act(takeBack, { rows: chosen.map(({ id }) => id) })}>
            Take back
          </Button>
        </>
      )}
    </MarginNote>
  );
}
