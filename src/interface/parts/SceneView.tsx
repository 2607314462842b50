"use client";

import { createElement, memo, type ReactNode, useEffect, useMemo, useRef } from "react";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { drawOnCanvas } from "@/figure/render/canvas";
import { type SvgElement, svgElements } from "@/figure/render/svgElement";
import type { PathShape, Scene, Shape } from "@/figure/scene";
import { type FigureSpecification, pointCount } from "@/figure/specification";
import { figureDescription } from "@/wording/figures";

/** React's spelling of SVG attributes: stroke-width is strokeWidth. */
function reactName(name: string): string {
  return name.startsWith("data-")
    ? name
    : name.replace(/[-:](\w)/g, (_, c: string) => c.toUpperCase());
}

function toReact({ tag, attributes, content }: SvgElement, key: number): ReactNode {
  const props = Object.fromEntries(
    Object.entries(attributes).map(([name, value]) => [reactName(name), value]),
  );
  const children = typeof content === "string" ? content : content.map(toReact);
  return createElement(tag, { ...props, key }, children);
}

/** Beyond so many points their outlines are drawn on a canvas. */
const mostAsSvg = 5000;
const crowded = new Set<Shape["role"]>(["points", "points-aside", "error-bars"]);

function isCrowd(shape: Shape): shape is PathShape {
  return shape.kind === "path" && crowded.has(shape.role);
}

/** Thousands of points over the rest of the figure. */
function Crowd({ scene }: { scene: Scene }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const target = canvas.current;
    if (!target) return;
    const draw = () => {
      const dots = window.devicePixelRatio || 1;
      target.width = Math.round(target.clientWidth * dots);
      target.height = Math.round(target.clientHeight * dots);
      const context = target.getContext("2d");
      if (context) drawOnCanvas(context, scene.shapes.filter(isCrowd), target.width / scene.width);
    };
    const watch = new ResizeObserver(draw);
    watch.observe(target);
    draw();
    return () => watch.disconnect();
  }, [scene]);
  return (
    <canvas ref={canvas} aria-hidden className="pointer-events-none absolute inset-0 size-full" />
  );
}

/** A figure on the page: the very scene that the exports write. */
export const SceneView = memo(function SceneView({ figure }: { figure: FigureSpecification }) {
  const scene = useMemo(() => layoutFigure(figure), [figure]);
  const { taking, aside } = pointCount(figure);
  const many = taking + aside > mostAsSvg;
  const drawn = many
    ? { ...scene, shapes: scene.shapes.filter((shape) => !isCrowd(shape)) }
    : scene;
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${scene.width} ${scene.height}`}
        role="img"
        aria-label={figureDescription(figure)}
        className="block h-auto max-h-full w-full"
      >
        {svgElements(drawn).map(toReact)}
      </svg>
      {many && <Crowd scene={scene} />}
    </div>
  );
});
