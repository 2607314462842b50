"use client";

import { useEffect, useRef, useState } from "react";
import { useStore } from "zustand";
import { layFrame } from "@/figure/layout/frame";
import { heardWords as words } from "@/wording/figureMenu";
import { Button } from "../parts/Button";
import { MarginNote } from "../parts/StageLayout";
import { Tick } from "../parts/Tick";
import { hasSounds, play, sounding } from "../parts/tones";
import { useLive } from "../parts/useLive";
import { useFigureFit } from "../store/useFigureFit";
import { useFigureWhenAsked } from "../store/useFigureSpecification";
import { placedPoints } from "./figurePoints";
import { heardAt } from "./heardAt";
import { heightOfLine } from "./offTheLine";

/** In s: a figure is heard within so long, however many points it has. */
const longest = 8;

/** The figure as sounds: its points from left to right, the line under them; nothing sounds until somebody wants it. */
export function HearFigure() {
  const figureNow = useFigureWhenAsked();
  const fit = useFigureFit();
  const on = useStore(sounding, (state) => state.on);
  const live = useLive();
  const [playing, setPlaying] = useState(false);
  const stop = useRef<() => void>(() => undefined);
  useEffect(() => () => stop.current(), []);
  if (!fit) return null;
  const begin = () => {
    const figure = figureNow();
    if (!figure) return;
    const frame = layFrame(figure);
    const places = placedPoints(fit, frame).map((one) =>
      heardAt(frame, one, heightOfLine(fit, one)),
    );
    setPlaying(true);
    stop.current = play(places, longest, () => setPlaying(false));
  };
  return (
    <MarginNote title={words.title}>
      {live && !hasSounds() ? (
        <p className="text-soft">{words.none}</p>
      ) : (
        <div className="grid justify-items-start gap-2">
          <Button onClick={() => (playing ? stop.current() : begin())}>
            {playing ? words.stop : words.play}
          </Button>
          <Tick
            label={words.sounds}
            checked={on}
            onChange={(wanted) => sounding.setState({ on: wanted })}
          />
          <p className="text-soft text-xs">{words.how}</p>
        </div>
      )}
    </MarginNote>
  );
}
