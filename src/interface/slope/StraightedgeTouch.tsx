"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { arrowSteps } from "../parts/arrowSteps";
import { type KeyboardEvent, useRef } from "react";
import type { Frame } from "@/figure/layout/frame";
import { layStraightedge } from "@/investigation/acts/layStraightedge";
import type { Straightedge } from "@/investigation/model/figure";
import type { FigurePoints } from "@/pipeline/lines/fit";
import { TouchRoom } from "../parts/TouchRoom";
import { useDrag } from "../parts/useDrag";
import { useActs } from "../store/useInvestigation";
import { alongHandles, type EdgePart, handlesOf, movedEdge } from "./straightedgeHands";

interface Props {
  figure: string;
  id: string;
  /** Its place among the straightedges, from 1. */
  number: number;
  edge: Straightedge;
  points: FigurePoints | undefined;
  frame: Frame;
  onTouch: () => void;
}

const step = 1;
const longStep = 10;
const size = 5.5;

const names: Readonly<Record<EdgePart, string>> = {
  get left() {
    return slopeTexts.firstHandle;
  },
  get right() {
    return slopeTexts.secondHandle;
  },
  whole: "shift",
};

/** What a hand and keys do to one part of a straightedge. */
function usePart(part: EdgePart, { figure, id, edge, points, frame, onTouch }: Props) {
  const { act } = useActs();
  const held = useRef({ edge, turn: 0 });
  const move = (from: Straightedge, by: { x: number; y: number }, key: string, snap: boolean) =>
    act(
      layStraightedge,
      { figure, id, change: movedEdge(from, part, by, frame, snap ? points : undefined) },
      `edge/${id}/${part}/${key}`,
    );
  const drag = useDrag({
    onStart: () => {
      held.current = { edge, turn: held.current.turn + 1 };
      onTouch();
    },
    onDrag: ({ dx, dy }) =>
      move(held.current.edge, { x: dx, y: dy }, `drag${held.current.turn}`, part !== "whole"),
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const direction = arrowSteps[event.key];
    if (!direction) return;
    event.preventDefault();
    const by = event.shiftKey ? longStep : step;
    move(edge, { x: direction[0] * by, y: direction[1] * by }, "keys", false);
  };
  return { ...drag, onKeyDown, onFocus: onTouch };
}

function partLabel(part: EdgePart, number: number): string {
  return slopeTexts.straightedgeNumberValueArrowKeys({ number, value: names[part] });
}

function Handle({ part, ...props }: Props & { part: "left" | "right" }) {
  const { x, y } = handlesOf(props.edge, props.frame)[part];
  const hands = usePart(part, props);
  const uncertain = props.edge.role === "steepest" || props.edge.role === "shallowest";
  return (
    <g
      role="button"
      data-margin="straightedge"
      data-straightedge={props.id}
      tabIndex={0}
      aria-roledescription={slopeTexts.handle}
      aria-label={partLabel(part, props.number)}
      {...hands}
      className="group cursor-move touch-none outline-none"
    >
      <title>{slopeTexts.dragToTurnTheLine}</title>
      <TouchRoom x={x} y={y} />
      <path
        d={`M${x - size} ${y}L${x} ${y - size}L${x + size} ${y}L${x} ${y + size}Z`}
        className={`fill-white stroke-[1.3] group-focus-visible:stroke-[2.6] ${uncertain ? "stroke-magenta" : "stroke-petrol"}`}
      />
    </g>
  );
}

/** A straightedge under the hand: either handle turns it, the line between them shifts it. */
export function StraightedgeTouch(props: Props) {
  const along = alongHandles(props.edge, props.frame);
  const hands = usePart("whole", props);
  return (
    <>
      <polyline
        role="button"
        data-margin="straightedge"
        data-straightedge={props.id}
        tabIndex={0}
        aria-roledescription={slopeTexts.line}
        aria-label={partLabel("whole", props.number)}
        points={along.map(({ x, y }) => `${x},${y}`).join(" ")}
        {...hands}
        className="focus-visible:stroke-petrol/30 hover:stroke-petrol/15 cursor-grab touch-none fill-none stroke-transparent stroke-[9] outline-none pointer-coarse:stroke-[28]"
      >
        <title>{slopeTexts.dragToShiftTheLine}</title>
      </polyline>
      <Handle part="left" {...props} />
      <Handle part="right" {...props} />
    </>
  );
}
