"use client";

import {
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
  type RefObject,
  useEffect,
  useRef,
} from "react";
import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { Stretch } from "@/core/recording/trace";
import { recordingWords } from "@/wording/recordings";
import { useDecimalMark } from "../parts/StatementView";
import { useWidth } from "../parts/useWidth";
import { useHouseRules } from "../store/useEvaluated";
import { across, down, type Painted, paintTraces, type Paper, rangeOf } from "./paintTrace";

/** Where things of the trace lie on the sheet, in CSS pixels. */
export interface Laid {
  readonly x: (time: number) => number;
  /** Undefined where nothing is painted. */
  readonly y: ((value: number) => number) | undefined;
  readonly paper: Paper;
}

interface Props {
  /** What it shows, for those who hear it. */
  label: string;
  height: number;
  span: Stretch;
  traces: readonly Painted[];
  /** Something is coming in: it is painted frame by frame, what it shows as far as it has come. */
  following?: (() => Stretch) | undefined;
  onDraw?: ((stretch: Stretch) => void) | undefined;
  onWheel?: ((by: { readonly at: number; readonly turn: number; readonly along: boolean }) => void) | undefined;
  onKeyDown?: ((event: KeyboardEvent) => void) | undefined;
  children?: (laid: Laid) => ReactNode;
} // prettier-ignore

function useHeading(traces: readonly Painted[]) {
  const { headings } = useHouseRules();
  const [first] = traces;
  const { symbol = "", unit = "" } = first?.how.channels[first.channel] ?? {};
  const written = plainRunText(writeUnitText(unit));
  const [before, behind] = headings === "slash" ? [" / ", ""] : [" (", ")"];
  const time = `${before}s${behind}`;
  if (first?.how.tells === "events") return { symbol: [], unit: recordingWords.strokes, time };
  return { symbol: writeSymbol(symbol), unit: written && `${before}${written}${behind}`, time };
}

/** Sets the canvas to the screen's own points; undefined where it can't be painted on. */
function prepared(canvas: HTMLCanvasElement, { width, height }: Paper) {
  const fine = window.devicePixelRatio || 1;
  const [wide, high] = [Math.round(width * fine), Math.round(height * fine)];
  if (canvas.width !== wide || canvas.height !== high) {
    canvas.width = wide;
    canvas.height = high;
  }
  const context = canvas.getContext("2d");
  context?.setTransform(fine, 0, 0, fine, 0, 0);
  return context ?? undefined;
}

function usePainting(canvas: RefObject<HTMLCanvasElement | null>, paper: Paper, props: Props) {
  const marked = useDecimalMark();
  const heading = useHeading(props.traces);
  const { traces, following } = props;
  useEffect(() => {
    if (!canvas.current || paper.width === 0) return;
    let frame = 0;
    const paint = () => {
      const shown = following ? { ...paper, span: following() } : paper;
      const context = canvas.current && prepared(canvas.current, shown);
      if (context) paintTraces(context, shown, traces, { marked, heading, time: heading.time });
      if (following) frame = requestAnimationFrame(paint);
    };
    frame = requestAnimationFrame(paint);
    return () => cancelAnimationFrame(frame);
  });
}

/** Drawing over a part of the trace: from where the pointer went down to where it is. */
function useDrawing({ span, onDraw }: Props, width: number) {
  const begun = useRef<number>(undefined);
  const timeAt = (event: PointerEvent) => {
    const { left } = event.currentTarget.getBoundingClientRect();
    const time = across({ width, span }).time(event.clientX - left);
    return Math.min(span.to, Math.max(span.from, time));
  };
  if (!onDraw) return {};
  return {
    onPointerDown: (event: PointerEvent) => {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      begun.current = timeAt(event);
    },
    onPointerMove: (event: PointerEvent) => {
      if (begun.current === undefined) return;
      const now = timeAt(event);
      const apart = Math.abs(across({ width, span }).x(now) - across({ width, span }).x(begun.current)); // prettier-ignore
      if (apart > 3) onDraw({ from: begun.current, to: now });
    },
    onPointerUp: () => (begun.current = undefined),
    onPointerCancel: () => (begun.current = undefined),
  };
}

/** A trace on its sheet, with what lies over it. */
export function TracePaper(props: Props) {
  const { label, height, span, traces, children, onKeyDown, onWheel } = props;
  const { place, width } = useWidth();
  const canvas = useRef<HTMLCanvasElement>(null);
  const sheet = useRef<HTMLDivElement>(null);
  const paper = { width, height, span };
  usePainting(canvas, paper, props);
  const drawing = useDrawing(props, width);
  const { x } = across(paper);
  useEffect(() => {
    const held = sheet.current;
    if (!held || !onWheel) return;
    const turn = (event: WheelEvent) => {
      event.preventDefault();
      const { left } = held.getBoundingClientRect();
      const along = event.shiftKey || Math.abs(event.deltaX) > Math.abs(event.deltaY);
      const at = across({ width, span }).time(event.clientX - left);
      onWheel({ at, turn: event.deltaY || event.deltaX, along });
    };
    held.addEventListener("wheel", turn, { passive: false });
    return () => held.removeEventListener("wheel", turn);
  }, [onWheel, width, span]);
  return (
    <div ref={place} data-paper className="relative w-full" style={{ height }}>
      <canvas ref={canvas} aria-hidden className="absolute inset-0 h-full w-full" />
      <div
        ref={sheet}
        role="group"
        aria-label={label}
        tabIndex={onKeyDown ? 0 : undefined}
        onKeyDown={onKeyDown}
        {...drawing}
        className={`absolute inset-0 overflow-hidden ${props.onDraw ? "cursor-crosshair touch-none" : ""}`}
      >
        {width > 0 && children?.({ x, y: rangeDown(traces, paper), paper })}
      </div>
    </div>
  );
}

/** Where amounts lie, by the range that is painted. */
function rangeDown(traces: readonly Painted[], paper: Paper) {
  const range = rangeOf(traces, paper);
  return range && down(paper, range);
}
