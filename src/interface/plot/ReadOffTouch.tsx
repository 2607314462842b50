"use client";

import { plotTexts } from "@/wording/plotTexts";
import { TouchArea } from "../pointing/TouchArea";
import { type KeyboardEvent, type MouseEvent } from "react";
import type { Frame } from "@/figure/layout/frame";
import { placeOf } from "../parts/useDrag";

export interface Point {
  readonly x: number;
  readonly y: number;
}

interface Props {
  frame: Frame;
  place: Point | undefined;
  onPlace: (place: Point) => void;
}

const keyStep = 1;
const keyLeap = 10;

/** A crosshair that follows the pointer, or the arrow keys (with Shift in leaps). */
export function ReadOffTouch({ frame, place, onPlace }: Props) {
  const { left, right, top, bottom } = frame;
  const put = (x: number, y: number) =>
    onPlace({ x: Math.min(right, Math.max(left, x)), y: Math.min(bottom, Math.max(top, y)) });
  const onMove = (event: MouseEvent<SVGElement>) => {
    const at = placeOf(event, event.currentTarget);
    put(at.x, at.y);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = event.shiftKey ? keyLeap : keyStep;
    const from = place ?? { x: (left + right) / 2, y: (top + bottom) / 2 };
    if (event.key === "ArrowLeft") put(from.x - step, from.y);
    else if (event.key === "ArrowRight") put(from.x + step, from.y);
    else if (event.key === "ArrowUp") put(from.x, from.y - step);
    else if (event.key === "ArrowDown") put(from.x, from.y + step);
    else return;
    event.preventDefault();
  };
  return (
    <>
      {place && (
        <path
          d={`M${left} ${place.y}H${right}M${place.x} ${top}V${bottom}`}
          className="stroke-petrol fill-none stroke-[0.8]"
        />
      )}
      <TouchArea
        frame={frame}
        kind="crosshair"
        label={plotTexts.readOffArrowKeysMove}
        onMouseMove={onMove}
        onKeyDown={onKeyDown}
      />
    </>
  );
}
