import { createElement, type ReactNode } from "react";
import type { SvgElement } from "@/figure/render/svgElement";

/** React's spelling of SVG attributes: stroke-width is strokeWidth. */
function reactName(name: string): string {
  return name.startsWith("data-")
    ? name
    : name.replace(/[-:](\w)/g, (_, c: string) => c.toUpperCase());
}

/** An SVG element of a scene as React draws it. */
export function svgNode({ tag, attributes, content }: SvgElement, key: number): ReactNode {
  const props = Object.fromEntries(
    Object.entries(attributes).map(([name, value]) => [reactName(name), value]),
  );
  const children = typeof content === "string" ? content : content.map(svgNode);
  return createElement(tag, { ...props, key }, children);
}
