"use client";

import { plotTexts } from "@/wording/plotTexts";
import { type KeyboardEvent, useRef } from "react";
import type { Frame } from "@/figure/layout/frame";
import type { Spot } from "@/figure/scene";
import type { LabelSpecification } from "@/figure/specification";
import { placeEquation } from "@/investigation/acts/placeEquation";
import { placeLegend } from "@/investigation/acts/placeLegend";
import { putLabel } from "@/investigation/acts/putLabel";
import { removeLabel } from "@/investigation/acts/removeLabel";
import { useActs } from "../store/useInvestigation";
import { useDrag } from "../parts/useDrag";

const keyStep = 4;
const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-keyStep, 0],
  ArrowRight: [keyStep, 0],
  ArrowUp: [0, -keyStep],
  ArrowDown: [0, keyStep],
};

interface MovableProps {
  spot: Spot;
  name: string;
  kind: "legend" | "equation" | "label";
  /** Puts its upper left corner somewhere, in points; a session is one step of undo. */
  onMove: (x: number, y: number, session: string) => void;
  onRemove: () => void;
}

/** Something written on the figure that is dragged, or moved by arrow keys. */
function Movable({ spot, name, kind, onMove, onRemove }: MovableProps) {
  const begun = useRef({ x: spot.x, y: spot.y, turn: 0 });
  const drag = useDrag({
    onStart: () => {
      begun.current = { x: spot.x, y: spot.y, turn: begun.current.turn + 1 };
    },
    onDrag: ({ dx, dy }) => {
      const { x, y, turn } = begun.current;
      if (Math.hypot(dx, dy) >= 1) onMove(x + dx, y + dy, `drag${turn}`);
    },
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const step = arrows[event.key];
    if (step) onMove(spot.x + step[0], spot.y + step[1], "keys");
    else if (event.key === "Delete" || event.key === "Backspace") onRemove();
    else return;
    event.preventDefault();
  };
  return (
    <rect
      role="button"
      data-margin="words"
      data-words={kind}
      tabIndex={0}
      aria-label={plotTexts.nameDragItOrMove({ name })}
      x={spot.x - 2}
      y={spot.y - 1}
      width={spot.width + 4}
      height={spot.height + 2}
      {...drag}
      onKeyDown={onKeyDown}
      className="stroke-petrol hover:fill-petrol/5 cursor-move touch-none fill-transparent stroke-0 outline-none hover:stroke-1 focus-visible:stroke-1 pointer-coarse:[pointer-events:all] pointer-coarse:stroke-transparent pointer-coarse:stroke-[18]"
    />
  );
}

interface Props {
  spot: Spot;
  frame: Frame;
  figure: string;
}

/** A place as parts of the drawing area. */
function partsOf(x: number, y: number, { left, right, top, bottom }: Frame) {
  return { across: (x - left) / (right - left), down: (y - top) / (bottom - top) };
}

/** The legend under the hand; Delete lets it find its own place again. */
export function LegendTouch({ spot, frame, figure }: Props) {
  const { act } = useActs();
  const move = (x: number, y: number, session: string) => {
    act(placeLegend, { figure, place: partsOf(x, y, frame) }, `legend/${figure}/${session}`);
  };
  return (
    <Movable
      spot={spot}
      name={plotTexts.legend}
      kind="legend"
      onMove={move}
      onRemove={() => act(placeLegend, { figure, place: null })}
    />
  );
}

/** The equation of a line under the hand; Delete lets it find its own place again. */
export function EquationTouch({ spot, frame, figure }: Props) {
  const { act } = useActs();
  const equation = spot.id ?? "";
  const move = (x: number, y: number, session: string) => {
    const place = partsOf(x, y, frame);
    act(placeEquation, { figure, equation, place }, `equation/${figure}/${equation}/${session}`);
  };
  const [line = ""] = equation.split("-");
  return (
    <Movable
      spot={spot}
      name={plotTexts.equationOf({ line })}
      kind="equation"
      onMove={move}
      onRemove={() => act(placeEquation, { figure, equation, place: null })}
    />
  );
}

/** A label under the hand; Delete takes it off the figure. */
export function LabelTouch({ spot, frame, figure, label }: Props & { label: LabelSpecification }) {
  const { act } = useActs();
  const size = frame.letters.words * 1.05;
  const move = (x: number, y: number, session: string) => {
    const place = { x: frame.xAt(x), y: frame.yAt(y + size) };
    act(putLabel, { figure, id: label.id, label: place }, `label/${label.id}/${session}`);
  };
  return (
    <Movable
      spot={spot}
      name={plotTexts.labelCalled({ text: label.text })}
      kind="label"
      onMove={move}
      onRemove={() => act(removeLabel, { figure, id: label.id })}
    />
  );
}
