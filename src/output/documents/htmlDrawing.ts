import type { Element } from "hast";
import { s } from "hastscript";
import { type SvgElement, svgElements } from "@/figure/render/svgElement";
import { drawingAttributes } from "@/figure/render/svgText";
import type { Scene } from "@/figure/scene";

function branch({ tag, attributes, content }: SvgElement): Element {
  return s(tag, attributes, typeof content === "string" ? [content] : content.map(branch));
}

/** A scene as an element of a web page; the description is read out by screen readers. */
export function htmlDrawing(scene: Scene, description: string): Element {
  const parts = [s("title", [description]), ...svgElements(scene).map(branch)];
  return s("svg", drawingAttributes(scene), parts);
}
