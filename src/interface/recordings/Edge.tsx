"use client";

import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import { useHouseRules } from "../store/useEvaluated";
import type { Laid } from "./TracePaper";
import { across } from "./paintTrace";
import { momentText } from "@/wording/recordedNumbers";

interface Props {
  label: string;
  laid: Laid;
  at: number;
  least: number;
  greatest: number;
  /** "brass" for the trim, "petrol" for the stretch in hand. */
  look: "brass" | "petrol";
  onMove: (time: number) => void;
  /** It was let go, or moved by a key. */
  onDone: (time: number) => void;
}

const looks = {
  brass: "before:bg-brass before:w-[3px]",
  petrol: "before:bg-petrol before:w-[1.5px]",
} as const;

/** Steps by a key, in parts of what is shown. */
const [finePart, coarsePart] = [1 / 500, 1 / 50];

/** An edge across a trace that is dragged, or moved by arrow keys. */
export function Edge({ label, laid, at, least, greatest, look, onMove, onDone }: Props) {
  const rules = useHouseRules();
  const held = useRef(false);
  const { paper, x } = laid;
  const shown = paper.span.to - paper.span.from;
  const inside = (time: number) => Math.min(greatest, Math.max(least, time));
  const timeAt = (event: PointerEvent) => {
    const sheet = event.currentTarget.parentElement?.getBoundingClientRect();
    return inside(across(paper).time(event.clientX - (sheet?.left ?? 0)));
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = shown * (event.shiftKey ? coarsePart : finePart);
    const moved = { ArrowLeft: at - step, ArrowRight: at + step, Home: least, End: greatest }[
      event.key
    ];
    if (moved === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    onDone(inside(moved));
  };
  if (at < paper.span.from || at > paper.span.to) return null;
  return (
    <span
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={least}
      aria-valuemax={greatest}
      aria-valuenow={at}
      aria-valuetext={`${momentText(at, shown, rules)} s`}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = true;
      }}
      onPointerMove={(event) => {
        if (!held.current) return;
        event.stopPropagation();
        onMove(timeAt(event));
      }}
      onPointerUp={(event) => {
        if (!held.current) return;
        held.current = false;
        onDone(timeAt(event));
      }}
      onPointerCancel={() => (held.current = false)}
      style={{ left: x(at) - 7 }}
      className={`absolute top-[14px] bottom-[18px] w-[15px] cursor-ew-resize touch-none before:absolute before:inset-y-0 before:left-[6px] before:content-[''] ${looks[look]}`}
    />
  );
}
