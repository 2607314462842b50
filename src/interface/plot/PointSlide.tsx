"use client";

import { useEffect, useRef } from "react";
import { layFrame } from "@/figure/layout/frame";
import type { FigureSpecification } from "@/figure/specification";
import { type PartPlaces, placesBefore, rememberPlaces } from "../parts/slidingPoints";
import { useFigure } from "../store/useEvaluated";

const milliseconds = 250;
/** More points than these are not followed by anyone's eye. */
const most = 500;

type Point = readonly [x: number, y: number];

/** Lets a dot for each point slide from its old place to its new one, the drawn points hidden meanwhile. */
function slide(svg: SVGSVGElement, from: readonly Point[], to: readonly Point[]): () => void {
  const page = svg.parentElement;
  const dots = to.map(([x, y], index) => {
    const dot = document.createElementNS("http://www.w3.org/2000/svg", "circle");
    dot.setAttribute("cx", String(x));
    dot.setAttribute("cy", String(y));
    dot.setAttribute("r", "2.4");
    svg.append(dot);
    const [oldX, oldY] = from[index] as Point;
    dot.animate(
      [{ transform: `translate(${oldX - x}px, ${oldY - y}px)` }, { transform: "translate(0, 0)" }],
      { duration: milliseconds, easing: "ease-in-out" },
    );
    return dot;
  });
  page?.setAttribute("data-sliding", "");
  const end = () => {
    page?.removeAttribute("data-sliding");
    for (const dot of dots) dot.remove();
  };
  const timer = setTimeout(end, milliseconds);
  return () => {
    clearTimeout(timer);
    end();
  };
}

/** Where other quantities come to the axes, the points slide to their new places, unless motion is not wanted. */
export function PointSlide({ figure }: { figure: FigureSpecification }) {
  const chosen = useFigure();
  const svg = useRef<SVGSVGElement>(null);
  const { id, axes } = { id: chosen?.id, axes: `${chosen?.figure.x} ${chosen?.figure.y}` };
  const points = figure.series[0]?.points;
  useEffect(() => {
    if (!svg.current || id === undefined || !points || points.x.length > most) return undefined;
    const { left, right, top, bottom, across, up } = layFrame(figure);
    const to = Array.from({ length: points.x.length }, (_, i): Point => [
      across(points.x[i] as number),
      up(points.y[i] as number),
    ]);
    const before = placesBefore(id, axes, to.length);
    const parts: PartPlaces = to.map(([x, y]) => [
      (x - left) / (right - left),
      (bottom - y) / (bottom - top),
    ]);
    rememberPlaces(id, axes, parts);
    const still = window.matchMedia("(prefers-reduced-motion: reduce)").matches;
    if (!before || still) return undefined;
    const from = before.map(([x, y]): Point => [
      left + x * (right - left),
      bottom - y * (bottom - top),
    ]);
    return slide(svg.current, from, to);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only other quantities on the axes make points slide
  }, [id, axes]);
  return (
    <svg
      ref={svg}
      aria-hidden
      viewBox={`0 0 ${figure.width} ${figure.height}`}
      className="fill-ink pointer-events-none absolute inset-0 block h-auto w-full"
    />
  );
}
