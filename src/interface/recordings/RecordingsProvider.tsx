"use client";

import { createContext, type ReactNode, useContext, useEffect, useState } from "react";
import { useStore } from "zustand";
import type { Recording } from "@/investigation/model/recording";
import { useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import type { DeskState } from "./deskState";
import { StretchWork } from "./readingOff";
import { RecordingsDesk } from "./RecordingsDesk";

const DeskContext = createContext<RecordingsDesk | undefined>(undefined);

/** Has the stretch in hand worked out whenever something changes of what it says. */
function useStretchWork(desk: RecordingsDesk): void {
  useEffect(() => {
    const work = new StretchWork(desk);
    const ofDesk = desk.state.subscribe((now, before) => {
      const same =
        now.stretch === before.stretch &&
        now.reading === before.reading &&
        now.channel === before.channel &&
        now.inHand === before.inHand &&
        now.sources === before.sources;
      if (!same && now.stretch) work.want();
    });
    const ofDocument = desk.store.subscribe((now, before) => {
      const { inHand, stretch } = desk.state.getState();
      if (!inHand || !stretch) return;
      if (now.document.recordings[inHand] !== before.document.recordings[inHand]) work.want();
    });
    return () => {
      ofDesk();
      ofDocument();
    };
  }, [desk]);
}

/** Recordings of the open investigation: they go on while another stage is shown. */
export function RecordingsProvider(props: { investigationId: string; children: ReactNode }) {
  const store = useInvestigationStore();
  const [desk] = useState(() => new RecordingsDesk(store, props.investigationId));
  useStretchWork(desk);
  useEffect(() => () => desk.leave(), [desk]);
  return <DeskContext value={desk}>{props.children}</DeskContext>;
}

export function useDesk(): RecordingsDesk {
  const desk = useContext(DeskContext);
  if (!desk) throw new Error("there is no page of recordings here");
  return desk;
}

/** One value of where the hands are on the page of recordings. */
export function useDeskState<Value>(select: (state: DeskState) => Value): Value {
  return useStore(useDesk().state, select);
}

/** The recording in hand with its id; undefined where there is none. */
export function useRecordingInHand(): (Recording & { readonly id: string }) | undefined {
  const id = useDeskState(({ inHand }) => inHand);
  const recording = useInvestigation(({ document }) => (id ? document.recordings[id] : undefined));
  return id && recording ? { ...recording, id } : undefined;
}
