"use client";

import { plotTexts } from "@/wording/plotTexts";
import { type KeyboardEvent, useEffect, useRef } from "react";
import type { AxisScale } from "@/figure/layout/axisScale";
import type { Spot } from "@/figure/scene";
import { setAxis } from "@/investigation/acts/setAxis";
import { useActs } from "../store/useInvestigation";
import { type Ends, panned, stretched, typedEnd } from "./axisRange";
import { placeOf, useDrag } from "../parts/useDrag";
import { useSteady } from "../parts/useSteady";

interface Props {
  axis: "x" | "y";
  spot: Spot;
  scale: AxisScale;
  reversed: boolean;
  figure: string;
}

/** This part of an axis at either end stretches it; between them it is moved. */
const endPart = 0.15;
const keyStep = 0.1;
const keyFactor = 1.25;
const wheelFactor = 1.1;

/** What a hand does to an axis: drag, wheel and keys put its ends elsewhere. */
function useAxisHands({ axis, spot, scale, reversed, figure }: Props) {
  const { act } = useActs();
  const held = useRef<{ scale: AxisScale; part: number; turn: number }>(undefined);
  const flipped = (axis === "y") !== reversed;
  const partAt = (place: { x: number; y: number }) => {
    const part = axis === "x" ? (place.x - spot.x) / spot.width : (place.y - spot.y) / spot.height;
    return flipped ? 1 - part : part;
  };
  const put = (ends: Ends, session: string) => {
    const change = {
      range: "hand" as const,
      from: typedEnd(ends.from, ends),
      to: typedEnd(ends.to, ends),
    };
    act(setAxis, { figure, axis, change }, `axis/${figure}/${axis}/${session}`);
  };
  const fill = () => act(setAxis, { figure, axis, change: { range: "fill" } });
  const drag = useDrag({
    onStart: (at) => {
      held.current = { scale, part: partAt(at), turn: (held.current?.turn ?? 0) + 1 };
    },
    onDrag: ({ x, y, dx, dy }) => {
      const begun = held.current;
      if (!begun || Math.hypot(dx, dy) < 2) return;
      put(dragged(begun.scale, begun.part, partAt({ x: x + dx, y: y + dy })), `drag${begun.turn}`);
    },
  });
  const onWheel = (event: WheelEvent) => {
    event.preventDefault();
    const factor = event.deltaY > 0 ? wheelFactor : 1 / wheelFactor;
    put(stretched(scale, factor, partAt(placeOf(event, event.currentTarget as Element))), "wheel");
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const forward = axis === "x" ? "ArrowRight" : "ArrowUp";
    const back = axis === "x" ? "ArrowLeft" : "ArrowDown";
    const step = reversed ? -keyStep : keyStep;
    if (event.key === forward) put(panned(scale, step), "keys");
    else if (event.key === back) put(panned(scale, -step), "keys");
    else if (event.key === "+" || event.key === "=") {
      put(stretched(scale, 1 / keyFactor, 0.5), "keys");
    } else if (event.key === "-") put(stretched(scale, keyFactor, 0.5), "keys");
    else if (event.key === "Home") fill();
    else return;
    event.preventDefault();
  };
  return { drag, fill, onWheel, onKeyDown };
}

/** Where the ends go when a part of the axis is dragged to another part of it. */
function dragged(scale: AxisScale, began: number, now: number): Ends {
  const least = 0.05;
  if (began > 1 - endPart) return stretched(scale, began / Math.max(least, now), 0);
  if (began < endPart) return stretched(scale, (1 - began) / Math.max(least, 1 - now), 1);
  return panned(scale, began - now);
}

/** Fingers take hold of it from farther off. */
const fingerRoom =
  "pointer-coarse:stroke-transparent pointer-coarse:stroke-[14] pointer-coarse:[pointer-events:all]";

/** An axis under the hand: drag to move, drag an end to stretch, wheel to zoom, double click to fill the paper; keys do the same. */
export function AxisTouch(props: Props) {
  const { axis, spot, scale } = props;
  const { drag, fill, onWheel, onKeyDown } = useAxisHands(props);
  const shape = useRef<SVGRectElement>(null);
  const turn = useSteady(onWheel);
  useEffect(() => {
    const target = shape.current;
    target?.addEventListener("wheel", turn, { passive: false });
    return () => target?.removeEventListener("wheel", turn);
  }, [turn]);
  const name = axis === "x" ? plotTexts.horizontalAxis : plotTexts.verticalAxis;
  const ends = plotTexts.fromTypedendToTypedend2({
    typedEnd: typedEnd(scale.from, scale),
    typedEnd2: typedEnd(scale.to, scale),
  });
  return (
    <rect
      ref={shape}
      role="slider"
      data-margin="axes"
      data-axis={axis}
      tabIndex={0}
      aria-label={name}
      aria-orientation={axis === "x" ? "horizontal" : "vertical"}
      aria-valuenow={scale.from}
      aria-valuemin={scale.from}
      aria-valuemax={scale.to}
      aria-valuetext={ends}
      x={spot.x}
      y={spot.y}
      width={spot.width}
      height={spot.height}
      {...drag}
      onDoubleClick={fill}
      onKeyDown={onKeyDown}
      className={`hover:fill-petrol/10 focus-visible:stroke-petrol touch-none fill-transparent outline-none focus-visible:stroke-2 ${fingerRoom} ${axis === "x" ? "cursor-ew-resize" : "cursor-ns-resize"}`}
    >
      <title>{plotTexts.nameEndsDragToMove({ name, ends })}</title>
    </rect>
  );
}
