"use client";

import { useContext, useMemo, useState } from "react";
import type { Frame } from "@/figure/layout/frame";
import { setAside } from "@/investigation/acts/setAside";
import { wholeRow } from "@/investigation/model/row";
import type { FigureFit } from "@/pipeline/lines/fit";
import { DrawerCallContext } from "../parts/DrawerCall";
import { sound, sounding } from "../parts/tones";
import { useActs } from "../store/useInvestigation";
import { placedLater, type Region } from "./figurePoints";
import { heardAt } from "./heardAt";
import { linesOf } from "./LineTip";
import { heightOfLine } from "./offTheLine";

/** The reading, the region and the line of a figure that are in hand. */
export function usePointed(fit: FigureFit | undefined, frame: Frame) {
  const call = useContext(DrawerCallContext);
  const { act } = useActs();
  const points = useMemo(() => placedLater(fit, frame), [fit, frame]);
  const [kept, setKept] = useState<{ index: number; kept: boolean }>();
  const [region, setRegion] = useState<Region>();
  const [line, setLine] = useState<number>();
  const point = kept && points()[kept.index];
  const go = () => {
    if (fit && point) call({ table: fit.table.id, row: point.row, quantity: point.quantity });
  };
  const aside = (reason: string) => {
    if (point) act(setAside, { readings: [{ row: point.row, cell: wholeRow }], reason });
  };
  const leave = () => {
    setKept(undefined);
    setRegion(undefined);
  };
  const onPoint = (index: number | undefined, keep: boolean) => {
    if (!keep && kept?.kept) return;
    if (keep) setLine(undefined);
    const to = index === undefined ? undefined : points()[index];
    if (keep && to && fit && sounding.getState().on) sound(heardAt(frame, to, heightOfLine(fit, to)));
    setKept(index === undefined ? undefined : { index, kept: keep });
  };
  const onLine = (step: 1 | -1) => {
    const count = fit ? linesOf(fit).length : 0;
    const from = line ?? (step > 0 ? -1 : count);
    setLine(count === 0 ? undefined : (from + step + count) % count);
  };
  const pointActs = point && { row: point.number, go, aside };
  return { points, pointed: kept?.index, point, region, line, setRegion, onPoint, onLine, go, leave, pointActs };
} // prettier-ignore
