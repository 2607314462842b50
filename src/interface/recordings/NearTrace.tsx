"use client";

import { type KeyboardEvent, useCallback } from "react";
import type { Stretch } from "@/core/recording/trace";
import { recordingWords } from "@/wording/recordings";
import type { MarkedHappening } from "@/workers/recordings";
import { Button } from "../parts/Button";
import { Grounds, StretchEnds } from "./Overview";
import { edges } from "./paintTrace";
import { useDesk, useDeskState } from "./RecordingsProvider";
import { type Laid, TracePaper } from "./TracePaper";
import { useTracesInHand, useTracesOver } from "./useTraces";

const [height, zoomed, moved] = [178, 1.6, 0.2];
/** More happenings than these on the screen are not marked. */
const mostShown = 120;

/** Held within the recording, and never nearer than a millionth of it. */
function held({ from, to }: Stretch, whole: number): Stretch {
  const size = Math.min(whole, Math.max((to - from) || whole, whole / 1e6));
  const begins = Math.min(whole - size, Math.max(0, from));
  return { from: begins, to: begins + size };
} // prettier-ignore

/** What the lower trace shows, and how that is changed. */
function useView() {
  const desk = useDesk();
  const id = useDeskState(({ inHand }) => inHand) ?? "";
  const chosen = useDeskState(({ view, stretch }) => view ?? stretch);
  const whole = desk.lasting(id);
  const view = held(chosen ?? { from: 0, to: whole }, whole);
  const look = useCallback((next: Stretch) => desk.look(held(next, whole)), [desk, whole]);
  const zoom = (by: number, at = (view.from + view.to) / 2) =>
    look({ from: at - (at - view.from) * by, to: at + (view.to - at) * by });
  const pan = (part: number) => {
    const by = part * (view.to - view.from);
    look({ from: view.from + by, to: view.to + by });
  };
  return { desk, view, zoom, pan, whole, look };
}

/** Whether a happening is one of those that are to be read off. */
function useWanted() {
  const { what, of } = useDeskState(({ reading }) => reading);
  return ({ kind }: MarkedHappening) => {
    if (what === "decay") return kind === "peak" || kind === "trough";
    const kinds = { rising: "rising", falling: "falling", peaks: "peak", troughs: "trough" } as const;
    return kinds[of] === kind;
  };
} // prettier-ignore

/** The level that is crossed, and a ring at each happening that is to be read off. */
function Happenings({ laid: { x, y, paper } }: { laid: Laid }) {
  const found = useDeskState((state) => state.found);
  const wanted = useWanted();
  const { of, nth } = useDeskState(({ reading }) => reading);
  if (!found || !y) return null;
  const { from, to } = paper.span;
  const shown = found.happenings.filter((one) => wanted(one) && one.time >= from && one.time <= to);
  const crossed = (of === "rising" || of === "falling") && found.level !== undefined && shown.length > 0; // prettier-ignore
  const chosen = (found.each?.first[nth - 1]?.at ?? []).filter((one) => one >= from && one <= to);
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute inset-0 h-full w-full"
      data-testid="happenings"
    >
      {chosen.map((time) => (
        <line
          key={`chosen${time}`}
          x1={x(time)}
          x2={x(time)}
          y1={edges.top - 4}
          y2={paper.height - edges.bottom}
          className="stroke-petrol"
          strokeWidth={1.6}
        />
      ))}
      {crossed && (
        <line
          x1={x(from)}
          x2={x(to)}
          y1={y(found.level ?? 0)}
          y2={y(found.level ?? 0)}
          className="stroke-petrol"
          strokeDasharray="4 3"
        />
      )}
      {shown.slice(0, mostShown).map(({ time, height: high, kind }) => (
        <circle
          key={`${kind}${time}`}
          cx={x(time)}
          cy={y(high)}
          r={4}
          className="stroke-petrol fill-none"
          strokeWidth={1.6}
        />
      ))}
    </svg>
  );
}

/** What the lower trace shows, by buttons. */
function Nearness() {
  const { desk, zoom, look, whole } = useView();
  const hasStretch = useDeskState(({ stretch }) => stretch !== undefined);
  const acts = [
    { label: recordingWords.nearer, run: () => zoom(1 / zoomed) },
    { label: recordingWords.wider, run: () => zoom(zoomed) },
    ...(hasStretch ? [{ label: recordingWords.toStretch, run: () => desk.look(undefined) }] : []),
    { label: recordingWords.all, run: () => look({ from: 0, to: whole }) },
  ];
  return (
    <div className="mt-1 flex flex-wrap justify-end gap-2">
      {acts.map(({ label, run }) => (
        <Button key={label} look="quiet" onClick={run}>
          {label}
        </Button>
      ))}
    </div>
  );
}

/** The stretch near by: drawn over like the whole, brought nearer by wheel or key, with others laid over it. */
export function NearTrace() {
  const { desk, view, zoom, pan } = useView();
  const channel = useDeskState((state) => state.channel);
  const running = useDeskState(({ running: one, inHand }) => one !== undefined && one.id === inHand);
  useDeskState(({ drawn }) => drawn);
  const own = useTracesInHand().filter((trace) => trace.channel === channel);
  const over = useTracesOver();
  if (own.length === 0 || running) return null;
  const onKeyDown = (event: KeyboardEvent) => {
    const act = {
      ArrowLeft: () => pan(-moved),
      ArrowRight: () => pan(moved),
      "+": () => zoom(1 / zoomed),
      "-": () => zoom(zoomed),
    }[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  };
  return (
    <section className="mt-3">
      <TracePaper
        label={recordingWords.near}
        height={height}
        span={view}
        traces={[...own, ...over]}
        onDraw={(stretch) => {
          desk.look(view);
          desk.draw(stretch);
        }}
        onWheel={({ at, turn, along }) =>
          along ? pan(Math.sign(turn) * moved) : zoom(turn > 0 ? zoomed : 1 / zoomed, at)
        }
        onKeyDown={onKeyDown}
      >
        {(laid) => (
          <>
            <Grounds laid={laid} />
            <Happenings laid={laid} />
            <StretchEnds laid={laid} />
          </>
        )}
      </TracePaper>
      <Nearness />
    </section>
  );
} // prettier-ignore
