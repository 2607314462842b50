"use client";

import { useEffect, useRef } from "react";
import { windowTitle } from "@/wording/windowTitle";
import { stageName, type StageId } from "@/wording/stages";
import { untitled } from "@/wording/untitled";
import { useInvestigation } from "../store/useInvestigation";
import { announce } from "./announcer";
import { setArriving } from "./arriving";

/** A stage that is still on its way gets its heading within so many frames, or the focus stays. */
const mostFrames = 900;

/** Who comes to the readings and types or pastes at once does so in the cell in hand. */
function typeOn({ key, altKey, ctrlKey, metaKey }: KeyboardEvent): void {
  const types = key.length === 1 && key !== " " && !altKey;
  if (!types || ((ctrlKey || metaKey) && key.toLowerCase() !== "v")) return;
  document.querySelector<HTMLInputElement>('main [role="gridcell"] input')?.select();
}

/** Puts the focus on the heading of the stage that is shown now, unless hands have gone elsewhere meanwhile. */
function toHeading(): () => void {
  const began = document.activeElement;
  let frame = 0;
  const look = (left: number) => {
    setArriving(false);
    const now = document.activeElement;
    if (now?.closest("[data-keeps-focus]")) return;
    if (now !== began && now !== document.body) return;
    const heading = document.querySelector<HTMLElement>("main h1");
    if (!heading) {
      setArriving(left > 0);
      if (left > 0) frame = requestAnimationFrame(() => look(left - 1));
      return;
    }
    heading.tabIndex = -1;
    heading.onkeydown = typeOn;
    heading.focus({ preventScroll: true });
  };
  look(mostFrames);
  return () => {
    setArriving(false);
    cancelAnimationFrame(frame);
  };
}

/** Who comes to another stage is told so, and stands at its heading; what the window is called from then on. */
export function useArrival(stage: StageId): string {
  const title = useInvestigation((state) => state.document.title).trim() || untitled();
  const label = stageName(stage);
  const named = useRef(title);
  const last = useRef(stage);
  useEffect(() => {
    named.current = title;
  }, [title]);
  useEffect(() => {
    if (last.current === stage) return;
    last.current = stage;
    announce(`${label} · ${named.current}`);
    return toHeading();
  }, [stage, label]);
  return windowTitle(label, title);
}
