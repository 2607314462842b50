"use client";

import { TouchArea } from "./TouchArea";
import { type KeyboardEvent, type MouseEvent, useState } from "react";
import type { Frame } from "@/figure/layout/frame";
import { nearest, type PlacedPoint, type Region, regionOf } from "./figurePoints";
import { placeOf, useDrag } from "../parts/useDrag";

interface Props {
  frame: Frame;
  points: () => readonly PlacedPoint[];
  /** The reading pointed at, by its place among the points. */
  pointed: number | undefined;
  region: Region | undefined;
  onPoint: (index: number | undefined, kept: boolean) => void;
  onRegion: (region: Region | undefined) => void;
  onGo: () => void;
  /** Goes on to the next line of the figure (1), or to the one before (−1). */
  onLine: (step: 1 | -1) => void;
}

const reach = 12;
const leastRegion = 6;

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

/** The readings under the hand: point at one, draw a region around several, or go from one to the next by keys. */
export function PointsTouch(props: Props) {
  const { frame, points, pointed, region, onPoint, onRegion, onGo, onLine } = props;
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
      onPoint(nearest(points(), by, reach), true);
    },
  });
  const onMove = (event: MouseEvent<SVGElement>) => {
    if (drawing || region) return;
    onPoint(nearest(points(), placeOf(event, event.currentTarget), reach), false);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const next = steppedTo(event.key, pointed, points().length - 1);
    if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      onLine(event.key === "ArrowDown" ? 1 : -1);
    } else if (next !== undefined || event.key === "Escape") {
      onRegion(undefined);
      onPoint(next, true);
    } else if (event.key === "Enter" && pointed !== undefined) onGo();
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
        label="Readings on the figure. Left and right go from one to the next, down and up from line to line, Enter to its row."
        {...drag}
        onMouseMove={onMove}
        onKeyDown={onKeyDown}
        className="focus-visible:stroke-petrol touch-none"
      />
    </>
  );
}
