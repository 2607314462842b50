"use client";

import { type PointerEvent, useEffect, useRef } from "react";
import { useDraggingHand } from "../store/useInvestigation";

/** A stretch of a drag, in points of the figure. */
export interface Dragged {
  /** Where it began. */
  readonly x: number;
  readonly y: number;
  readonly dx: number;
  readonly dy: number;
}

interface Handlers {
  readonly onStart?: (at: Dragged) => void;
  readonly onDrag: (by: Dragged) => void;
  readonly onEnd?: (by: Dragged) => void;
}

/** The place of a pointer in the figure's own points. */
export function placeOf(event: { clientX: number; clientY: number }, target: Element) {
  const svg = target.closest("svg") as SVGSVGElement;
  const box = svg.getBoundingClientRect();
  const view = svg.viewBox.baseVal;
  return {
    x: ((event.clientX - box.left) / box.width) * view.width,
    y: ((event.clientY - box.top) / box.height) * view.height,
  };
}

/** Handlers for something in the figure that is dragged. */
export function useDrag({ onStart, onDrag, onEnd }: Handlers) {
  const began = useRef<{ x: number; y: number }>(undefined);
  const { first, hold } = useDraggingHand();
  useEffect(() => () => void hold(false), [hold]);
  const stretch = (event: PointerEvent<SVGElement>): Dragged | undefined => {
    if (!began.current) return undefined;
    const now = placeOf(event, event.currentTarget);
    const { x, y } = began.current;
    return { x, y, dx: now.x - x, dy: now.y - y };
  };
  return {
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      began.current = placeOf(event, event.currentTarget);
      hold(true);
      onStart?.({ ...began.current, dx: 0, dy: 0 });
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      const by = stretch(event);
      if (by) first(() => onDrag(by));
    },
    onPointerUp: (event: PointerEvent<SVGElement>) => {
      const by = stretch(event);
      began.current = undefined;
      hold(false);
      if (by) onEnd?.(by);
    },
    onPointerCancel: () => {
      began.current = undefined;
      hold(false);
    },
  };
}
