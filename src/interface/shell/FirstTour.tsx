"use client";

import { useEffect, useRef, useState, useSyncExternalStore } from "react";
import { stageName, stages, type StageId } from "@/wording/stages";
import { tourText, tourWords } from "@/wording/tour";
import { announce } from "../keys/announcer";
import { Button } from "../parts/Button";
import { goToStage } from "../parts/stagePath";

interface Props {
  investigationId: string;
  stage: StageId;
  endTour: () => Promise<void>;
}

const flag = "fathom-rule-tour";
const nothingChanges = () => () => {};

/** Whether this device has seen the tour end, even where the server did not hear of it. */
function useEndedHere(): boolean {
  return useSyncExternalStore(
    nothingChanges,
    () => window.localStorage.getItem(flag) !== null,
    () => true,
  );
}

/** Once, and never again: a minute along the rule, stage by stage, that can be passed over at any time. */
export function FirstTour({ investigationId, stage, endTour }: Props) {
  const endedHere = useEndedHere();
  const [ended, setEnded] = useState(false);
  const [begun] = useState(stage);
  const [at, setAt] = useState(0);
  const next = useRef<HTMLButtonElement>(null);
  const over = endedHere || ended;
  useEffect(() => {
    if (over) return;
    next.current?.focus();
    const now = stages[at];
    if (now) announce(`${tourText.howFar({ at: at + 1, of: stages.length })}. ${tourWords[now]}`);
  }, [over, at]);
  const now = stages[at];
  if (over || !now) return null;
  const leave = (to: StageId) => {
    window.localStorage.setItem(flag, "ended");
    setEnded(true);
    void endTour().catch(() => {});
    goToStage(investigationId, to);
  };
  const last = at === stages.length - 1;
  const step = () => {
    const following = stages[at + 1];
    if (!following) return leave(begun);
    setAt(at + 1);
    goToStage(investigationId, following);
  };
  return (
    <section
      aria-label={tourText.label}
      data-keeps-focus
      className="bg-boxwood border-boxwood-edge fixed bottom-4 left-4 z-20 w-[380px] max-w-[calc(100vw-32px)] rounded-md border p-4 shadow-md"
      onKeyDown={(event) => event.key === "Escape" && leave(begun)}
    >
      <h2 className="font-serif text-base font-semibold">
        {stageName(now)}
        <span className="text-engraving ml-2 font-sans text-xs font-normal">
          {tourText.howFar({ at: at + 1, of: stages.length })}
        </span>
      </h2>
      <p className="mt-1">{tourWords[now]}</p>
      <div className="mt-3 flex gap-2">
        <Button ref={next} look="main" onClick={step}>
          {last ? tourText.end : tourText.next}
        </Button>
        {!last && (
          <Button look="quiet" onClick={() => leave(stage)}>
            {tourText.skip}
          </Button>
        )}
      </div>
    </section>
  );
}
