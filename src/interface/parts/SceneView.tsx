"use client";

import { createElement, memo, type ReactNode, useMemo } from "react";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { type SvgElement, svgElements } from "@/figure/render/svgElement";
import type { FigureSpecification } from "@/figure/specification";
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

/** A figure on the page: the very scene that the exports write. */
export const SceneView = memo(function SceneView({ figure }: { figure: FigureSpecification }) {
  const scene = useMemo(() => layoutFigure(figure), [figure]);
  return (
    <svg
      viewBox={`0 0 ${scene.width} ${scene.height}`}
      role="img"
      aria-label={figureDescription(figure)}
      className="block h-auto max-h-full w-full"
    >
      {svgElements(scene).map(toReact)}
    </svg>
  );
});
