"use client";

import type { Reason } from "@/investigation/model/reason";
import { useContext, useMemo, useState } from "react";
import type { Frame } from "@/figure/layout/frame";
import { setAside } from "@/investigation/acts/setAside";
import { wholeRow } from "@/investigation/model/row";
import type { FigureFit } from "@/pipeline/lines/fit";
import { DrawerCallContext } from "../parts/DrawerCall";
import { sound, sounding } from "../parts/tones";
import { useActs } from "../store/useInvestigation";
import { linesOf, nearestLine } from "./figureLines";
import { nearest, placedLater, type Region, regionAround } from "./figurePoints";
import { heardAt } from "./heardAt";
import { heightOfLine } from "./offTheLine";

/** What a pointer passes over is in hand until it goes on; what was clicked or stepped to stays. */
interface InHand {
  readonly kind: "point" | "line";
  readonly index: number;
  readonly kept: boolean;
  /** The reading from which keys go on. */
  readonly stoodAt: number | undefined;
}

const pointReach = 12;
const lineReach = 6;

/** The reading, the region or the line of a figure that is in hand. */
export function usePointed(fit: FigureFit | undefined, frame: Frame) {
  const call = useContext(DrawerCallContext);
  const { act } = useActs();
  const points = useMemo(() => placedLater(fit, frame), [fit, frame]);
  const [hand, setHand] = useState<InHand>();
  const [region, setRegion] = useState<Region>();
  const [span, setSpan] = useState<{ readonly from: number; readonly to: number }>();
  const pointed = hand?.kind === "point" ? hand.index : undefined;
  const line = hand?.kind === "line" ? hand.index : undefined;
  const point = pointed === undefined ? undefined : points()[pointed];
  const go = () => {
    if (fit && point) call({ table: fit.table.id, row: point.row, quantity: point.quantity });
  };
  const aside = (reason: Reason) => {
    if (point) act(setAside, { readings: [{ row: point.row, cell: wholeRow }], reason });
  };
  const leave = () => {
    setHand(undefined);
    setRegion(undefined);
  };
  const onPoint = (index: number | undefined, kept = true) => {
    const to = index === undefined ? undefined : points()[index];
    if (kept && to && fit && sounding.getState().on) sound(heardAt(frame, to, heightOfLine(fit, to)));
    setHand(index === undefined ? undefined : { kind: "point", index, kept, stoodAt: index });
  };
  const onPlace = (place: { x: number; y: number }, kept: boolean) => {
    if (!kept && (hand?.kept || region)) return;
    const index = nearest(points(), place, pointReach);
    const near = index === undefined && fit ? nearestLine(fit, frame, place, lineReach) : undefined;
    if (near === undefined) onPoint(index, kept);
    else setHand({ kind: "line", index: near, kept, stoodAt: hand?.stoodAt });
  };
  const onLine = (step: 1 | -1) => {
    const count = fit ? linesOf(fit).length : 0;
    const from = line ?? (step > 0 ? -1 : count);
    setRegion(undefined);
    const index = (from + step + count) % count;
    setHand(count === 0 ? undefined : { kind: "line", index, kept: true, stoodAt: hand?.stoodAt });
  };
  const onRegion = (drawn: Region | undefined) => {
    setRegion(drawn);
    setSpan(undefined);
    if (drawn) setHand(undefined);
  };
  const onFurther = (step: 1 | -1) => {
    const from = span?.from ?? hand?.stoodAt ?? 0;
    const to = Math.max(0, Math.min(points().length - 1, (span?.to ?? from) + step));
    onRegion(regionAround(points().slice(Math.min(from, to), Math.max(from, to) + 1)));
    setSpan({ from, to });
  };
  const pointActs = point && { row: point.number, go, aside };
  return { points, pointed, stoodAt: hand?.stoodAt, point, region, line, onRegion, onPoint, onPlace, onLine, onFurther, go, leave, pointActs };
} // prettier-ignore

export type PointedHands = ReturnType<typeof usePointed>;
