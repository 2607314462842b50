"use client";

import { useEffect, useState } from "react";
import { useStore } from "zustand";
import { instrumentWords } from "@/wording/instruments";
import { useHouseRules } from "../store/useEvaluated";
import type { Running } from "./deskState";
import { useDesk } from "./RecordingsProvider";
import { momentText } from "@/wording/recordedNumbers";

const tickEvery = 200;

/** How long the recording that runs lasts by now, in s. */
function useLasting(id: string): number {
  const desk = useDesk();
  const [lasting, setLasting] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => setLasting(desk.lasting(id)), tickEvery);
    return () => clearInterval(timer);
  }, [desk, id]);
  return lasting;
}

/** How the recording that runs stands: its line, and where its readings are. */
export function LiveLine({ running: { id, recording } }: { running: Running }) {
  const { phase, rubbish, kept } = useStore(recording.state);
  const rules = useHouseRules();
  const lasting = useLasting(id);
  const { phase: phases } = instrumentWords;
  const sentence = phase === "recording" ? phases.recording({ time: momentText(lasting, 100, rules) }) : phases[phase]; // prettier-ignore
  return (
    <div className="mt-2">
      <p className="flex items-baseline gap-2" data-testid="recording-line">
        <span
          aria-hidden
          className={`inline-block h-2.5 w-2.5 shrink-0 rounded-full ${phase === "recording" ? "bg-magenta" : "bg-soft"}`}
        />
        <span role={phase === "broken" ? "alert" : undefined}>{sentence}</span>
      </p>
      {rubbish > 0 && <p className="text-magenta">{instrumentWords.rubbish({ count: rubbish })}</p>}
      <p className="text-soft text-xs">{instrumentWords.kept[kept]}</p>
    </div>
  );
}
