"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { type KeyboardEvent, useRef } from "react";
import { writeWithoutPower } from "@/core/number/writtenNumber";
import type { Frame } from "@/figure/layout/frame";
import { drawTriangle } from "@/investigation/acts/drawTriangle";
import type { SlopeTriangle } from "@/investigation/model/figure";
import { TouchRoom } from "../parts/TouchRoom";
import { useDrag } from "../parts/useDrag";
import { useActs } from "../store/useInvestigation";
import { grainOf, toGrain } from "./straightedgeHands";

interface Props {
  figure: string;
  triangle: SlopeTriangle;
  line: { readonly slope: number; readonly intercept: number };
  frame: Frame;
}

function Corner({ figure, triangle, line, frame, end }: Props & { end: keyof SlopeTriangle }) {
  const { act } = useActs();
  const held = useRef({ x: 0, turn: 0 });
  const value = triangle[end];
  const grain = grainOf(frame);
  const [x, y] = [frame.across(value), frame.up(line.slope * value + line.intercept)];
  const put = (to: number, key: string) => {
    const kept = Math.min(frame.xScale.to, Math.max(frame.xScale.from, toGrain(to, grain)));
    const other = end === "from" ? triangle.to : triangle.from;
    if (kept === other) return;
    act(drawTriangle, { figure, triangle: { ...triangle, [end]: kept } }, `triangle/${end}/${key}`);
  };
  const drag = useDrag({
    onStart: () => (held.current = { x: frame.across(value), turn: held.current.turn + 1 }),
    onDrag: ({ dx }) => put(frame.xAt(held.current.x + dx), `drag${held.current.turn}`),
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    put(value + by * grain * (event.shiftKey ? 10 : 1), "keys");
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={slopeTexts.corners[end]}
      aria-valuenow={value}
      aria-valuetext={writeWithoutPower(value)}
      aria-valuemin={frame.xScale.from}
      aria-valuemax={frame.xScale.to}
      {...drag}
      onKeyDown={onKeyDown}
      className="group cursor-ew-resize touch-none outline-none"
    >
      <title>{slopeTexts.dragCorner}</title>
      <TouchRoom x={x} y={y} />
      <circle
        cx={x}
        cy={y}
        r={4.5}
        className="stroke-petrol fill-white stroke-[1.3] group-focus-visible:stroke-[2.6]"
      />
    </g>
  );
}

/** The two corners of the slope triangle on the best line, to be drawn along it. */
export function TriangleTouch(props: Props) {
  return (
    <>
      <Corner {...props} end="from" />
      <Corner {...props} end="to" />
    </>
  );
}
