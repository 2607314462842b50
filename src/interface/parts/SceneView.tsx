"use client";

import { createElement, memo, type ReactNode } from "react";
import { type SvgElement, svgElements } from "@/figure/render/svgElement";
import type { FigureSpecification } from "@/figure/specification";
import { figureDescription } from "@/wording/figures";
import { Crowd } from "./Crowd";
import { isCrowded, sceneOf } from "./sceneOf";

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

/** A figure on the page: the very scene that the exports write. */
export const SceneView = memo(function SceneView({ figure }: { figure: FigureSpecification }) {
  const scene = sceneOf(figure);
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${scene.width} ${scene.height}`}
        role="img"
        aria-label={figureDescription(figure)}
        className="block h-auto max-h-full w-full"
      >
        {svgElements(scene).map(toReact)}
      </svg>
      {isCrowded(figure) && <Crowd figure={figure} />}
    </div>
  );
});
