"use client";

import { type KeyboardEvent, type MouseEvent, useState } from "react";
import type { Frame } from "@/figure/layout/frame";
import { placeOf, useDrag } from "../parts/useDrag";
import { figureMenuWords } from "@/wording/figureMenu";
import { regionOf } from "./figurePoints";
import { TouchArea } from "./TouchArea";
import type { PointedHands } from "./usePointed";

interface Props {
  frame: Frame;
  hands: PointedHands;
  /** What of the margin is about the figure. */
  about?: string;
}

const leastRegion = 6;

/** Which way the next reading is. */
const along: Readonly<Record<string, 1 | -1>> = { ArrowRight: 1, ArrowLeft: -1 };

/** Which reading a key leads to. */
function steppedTo(key: string, from: number | undefined, last: number): number | undefined {
  const to: Readonly<Record<string, number>> = {
    ArrowRight: from === undefined ? 0 : Math.min(last, from + 1),
    ArrowLeft: from === undefined ? last : Math.max(0, from - 1),
    Home: 0,
    End: last,
  };
  return to[key];
}

/** The readings and lines under the hand: point at one, draw a region around several, or go from one to the next by keys. */
export function PointsTouch({ frame, hands, about }: Props) {
  const { points, pointed, stoodAt, region, onPoint, onPlace, onRegion, onLine, onFurther, go } =
    hands;
  const [drawing, setDrawing] = useState(false);
  const drag = useDrag({
    onStart: () => setDrawing(true),
    onDrag: (by) => {
      if (Math.hypot(by.dx, by.dy) > leastRegion) onRegion(regionOf(by));
    },
    onEnd: (by) => {
      setDrawing(false);
      if (Math.hypot(by.dx, by.dy) > leastRegion) return;
      onRegion(undefined);
      onPlace(by, true);
    },
  });
  const onMove = (event: MouseEvent<SVGElement>) => {
    if (!drawing) onPlace(placeOf(event, event.currentTarget), false);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const next = steppedTo(event.key, stoodAt, points().length - 1);
    const step = along[event.key];
    if (event.shiftKey && step) onFurther(step);
    else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      onLine(event.key === "ArrowDown" ? 1 : -1);
    } else if (next !== undefined || event.key === "Escape") {
      onRegion(undefined);
      onPoint(next);
    } else if (event.key === "Enter" && pointed !== undefined) go();
    else return;
    event.preventDefault();
  };
  const shown = pointed === undefined ? undefined : points()[pointed];
  return (
    <>
      {region && (
        <rect {...region} className="stroke-petrol fill-petrol/10" strokeDasharray="3 2" />
      )}
      {shown && (
        <circle
          cx={shown.across}
          cy={shown.up}
          r={frame.textSize * 0.75}
          className="stroke-petrol fill-none stroke-[1.4]"
        />
      )}
      <TouchArea
        frame={frame}
        kind="figure"
        about={about}
        label={figureMenuWords.points}
        {...drag}
        onMouseMove={onMove}
        onKeyDown={onKeyDown}
        className="focus-visible:stroke-petrol touch-none"
      />
    </>
  );
}
