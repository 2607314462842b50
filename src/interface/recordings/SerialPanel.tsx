"use client";

import { useState, useSyncExternalStore } from "react";
import { serialWords } from "@/wording/instruments";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { MarginNote } from "../parts/StageLayout";
import { useDesk, useDeskState } from "./RecordingsProvider";
import { type BaudRate, baudRates, serialFeed, serialOf } from "./serialFeed";

const never = () => () => undefined;

/** Records what a microcontroller prints over a serial line, where the browser can hear one. */
export function SerialPanel() {
  const desk = useDesk();
  const has = useSyncExternalStore(never, () => serialOf() !== undefined, () => false); // prettier-ignore
  const running = useDeskState((state) => state.running !== undefined);
  const [rate, setRate] = useState<BaudRate>("115200");
  if (!has || running) return null;
  const record = async () => {
    try {
      const port = await serialOf()?.requestPort();
      if (port) desk.run(serialWords.instrument, serialFeed(port, Number(rate)));
    } catch {
      desk.state.setState({ said: serialWords.none });
    }
  };
  return (
    <MarginNote title={serialWords.title}>
      <p className="text-soft mb-2">{serialWords.text}</p>
      <div className="flex items-end gap-2">
        <div className="flex-1">
          <Choice
            label={serialWords.speed}
            value={rate}
            options={baudRates.map((value) => ({ value, label: value }))}
            onChange={setRate}
          />
        </div>
        <Button onClick={() => void record()}>{serialWords.record}</Button>
      </div>
    </MarginNote>
  );
}
