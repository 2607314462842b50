"use client";

import { nanoid } from "nanoid";
import { useEffect } from "react";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { cellPlace } from "@/investigation/model/row";
import { presentWords as words } from "@/wording/instruments";
import { instrumentCalled } from "@/wording/benchInstruments";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { presentText } from "../recordings/presentValue";
import type { RecordingsDesk } from "../recordings/RecordingsDesk";
import { useDesk, useDeskState } from "../recordings/RecordingsProvider";
import { doAct } from "../store/investigationStore";
import type { GridController } from "./GridController";
import { useGridController } from "./MeasureContext";
import { useLastSaid } from "../language/useLastSaid";

/** Writes the present value into the cell in hand and goes on to the next row; a sentence where it could not. */
async function takeInto(desk: RecordingsDesk, controller: GridController): Promise<string | undefined> {
  const { active } = controller.grid.getState();
  const { rows, columns, series } = controller.view();
  const cell = columns[active.column]?.cell;
  if (cell === undefined) return undefined;
  const row = rows[active.row]?.id ?? nanoid(10);
  const present = await presentText(desk, desk.store.getState().document, cell);
  if ("problem" in present) return present.problem;
  const { quantity } = cellPlace(cell);
  const key = nanoid(8);
  const { quantities } = desk.store.getState().document;
  if (quantities[quantity]?.unit.trim() === "" && present.unit !== "") {
    doAct(desk.store, describeQuantity, { quantity, unit: present.unit }, key);
  }
  doAct(desk.store, typeReadings, { readings: [{ row, cell, text: present.text }], ...(series !== undefined && { series }) }, key);
  controller.goTo({ row: active.row + 1, column: active.column });
  return undefined;
} // prettier-ignore

/** An instrument whose present value one key puts into the cell in hand. */
export function TakeValue() {
  const desk = useDesk();
  const controller = useGridController();
  const [problem, tell] = useLastSaid();
  const instruments = useDeskState((state) => state.instruments);
  const instrument = useDeskState((state) => state.instrument);
  const tells = useDeskState(({ described }) => described?.tells === "readings");
  const running = useDeskState((state) => state.running !== undefined);
  const ready = tells && !running;
  useEffect(() => void desk.askInstruments(), [desk]);
  useEffect(() => {
    if (!ready) return;
    return controller.offerValue(() => void takeInto(desk, controller).then(tell));
  }, [desk, controller, ready, tell]);
  if (!Array.isArray(instruments) || instruments.length === 0) return null;
  return (
    <MarginNote title={words.title}>
      <Choice
        label={words.choose}
        value={instrument ?? ""}
        options={[
          { value: "", label: words.none },
          ...instruments.map(({ name }: { name: string }) => ({
            value: name,
            label: instrumentCalled(name),
          })),
        ]}
        onChange={(name) => (name === "" ? desk.putDown() : void desk.choose(name))}
      />
      {ready && (
        <>
          <p className="text-soft mt-2">{words.text}</p>
          <Button className="mt-2" title={words.key} onClick={() => controller.takeValue()}>
            {words.take}
          </Button>
        </>
      )}
      <p role="status" aria-live="polite" className="text-magenta mt-1">
        {problem}
      </p>
    </MarginNote>
  );
}
