"use client";

import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useState,
  useSyncExternalStore,
} from "react";
import { useStore } from "zustand";
import type { Recording } from "@/investigation/model/recording";
import { useLanguage } from "../language/Speaking";
import { useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import { DeskPlace } from "./DeskPlace";
import type { DeskState } from "./deskState";
import type { RecordingsDesk } from "./RecordingsDesk";

const PlaceContext = createContext<DeskPlace | undefined>(undefined);

/** Recordings of the open investigation: they go on while another stage is shown. */
export function RecordingsProvider(props: { investigationId: string; children: ReactNode }) {
  const store = useInvestigationStore();
  const [place] = useState(() => new DeskPlace(store, props.investigationId));
  const language = useLanguage();
  useEffect(() => () => place.hush(), [language, place]);
  useEffect(() => () => place.leave(), [place]);
  return <PlaceContext value={place}>{props.children}</PlaceContext>;
}

/** Where the desk is, or will be. */
export function useDeskPlace(): DeskPlace {
  const place = useContext(PlaceContext);
  if (!place) throw new Error("there is no page of recordings here");
  return place;
}

const nowhere = () => undefined;

/** The desk; undefined until somebody has wanted it. */
function useDeskHere(): RecordingsDesk | undefined {
  const place = useDeskPlace();
  return useSyncExternalStore(place.subscribe, place.here, nowhere);
}

const unheard = () => () => {};

/** One value of where the hands are on the page of recordings, or what stands for it where nobody has been there yet. */
export function useDeskStateHere<Value>(
  select: (state: DeskState) => Value,
  otherwise: Value,
): Value {
  const state = useDeskHere()?.state;
  const now = () => (state ? select(state.getState()) : otherwise);
  return useSyncExternalStore(state?.subscribe ?? unheard, now, () => otherwise);
}

/** What is in it is shown once the desk is here. */
export function WithDesk({ children }: { children: ReactNode }) {
  const place = useDeskPlace();
  const desk = useDeskHere();
  useEffect(() => {
    // Who wants it by pressing something is told where it can't be had.
    if (!desk) void place.fetch().catch(() => undefined);
  }, [desk, place]);
  return desk ? children : null;
}

/** The desk, where it is sure to be here. */
export function useDesk(): RecordingsDesk {
  const desk = useDeskHere();
  if (!desk) throw new Error("the desk is not here yet");
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
