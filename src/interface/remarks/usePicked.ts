"use client";

import { useEffect, useState } from "react";
import type { RemarkPlace } from "@/protocol/remarks";
import { remarkLimits } from "@/protocol/remarks";
import type { StageId } from "@/wording/stages";
import { placeAttribute } from "../together/usePresence";

type Picked = Omit<RemarkPlace, "stage">;

/** In ms: where the focus goes so soon after a click, the click is what was meant. */
const followsClick = 500;

const wholeStage: Picked = { place: "", quote: "" };

/** The words of a block that are selected; "" where none are. */
function quoteIn(element: Element): string {
  const selection = window.getSelection();
  const text = selection?.toString().trim() ?? "";
  const within = selection?.anchorNode && element.contains(selection.anchorNode);
  return within ? text.replace(/\s+/g, " ").slice(0, remarkLimits.quote) : "";
}

const part = (at: number, from: number, size: number) =>
  Math.min(1, Math.max(0, size === 0 ? 0 : (at - from) / size));

function pickedAt(element: Element, event: Event): Picked {
  const place = element.getAttribute(placeAttribute) ?? "";
  if (place.startsWith("block:")) return { place, quote: quoteIn(element) };
  if (!place.startsWith("figure:") || !(event instanceof MouseEvent)) return { place, quote: "" };
  const { left, top, width, height } = element.getBoundingClientRect();
  const at = { across: part(event.clientX, left, width), down: part(event.clientY, top, height) };
  return { place, quote: "", at };
}

/** What a teacher means: what was clicked or reached by keys last on the stage in hand; the stage as a whole to begin with. */
export function usePicked(stage: StageId, on: boolean) {
  const [picked, setPicked] = useState<{ readonly stage: StageId; readonly of: Picked }>();
  useEffect(() => {
    if (!on) return;
    let clicked = -Infinity;
    const look = (event: Event) => {
      if (event.type === "mouseup") clicked = event.timeStamp;
      else if (event.timeStamp - clicked < followsClick) return;
      const target = event.target instanceof Element ? event.target : null;
      const element = target?.closest(`[${placeAttribute}]`);
      if (element) setPicked({ stage, of: pickedAt(element, event) });
    };
    document.addEventListener("mouseup", look);
    document.addEventListener("focusin", look);
    return () => {
      document.removeEventListener("mouseup", look);
      document.removeEventListener("focusin", look);
    };
  }, [stage, on]);
  const of = picked?.stage === stage ? picked.of : wholeStage;
  const place: RemarkPlace = { stage, ...of };
  return { place, pick: (named: string) => setPicked({ stage, of: { place: named, quote: "" } }) };
}
