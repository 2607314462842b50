import { cleanText } from "@/core/text/cleanText";
import type { Scene } from "../scene";
import { coordinate } from "./coordinate";
import { type SvgElement, svgElements } from "./svgElement";

const escapes: Record<string, string> = { "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" };

function escaped(text: string): string {
  return cleanText(text).replace(/[&<>"]/g, (character) => escapes[character] as string);
}

function attributeText(attributes: Readonly<Record<string, string>>): string {
  return Object.entries(attributes)
    .map(([name, value]) => ` ${name}="${escaped(value)}"`)
    .join("");
}

function elementText({ tag, attributes, content }: SvgElement): string {
  const written = attributeText(attributes);
  const inside = typeof content === "string" ? escaped(content) : content.map(elementText).join("");
  return inside === "" ? `<${tag}${written}/>` : `<${tag}${written}>${inside}</${tag}>`;
}

/** The size of a drawing: places in points, printed in millimetres. */
export function drawingAttributes({ width, height }: Scene): Readonly<Record<string, string>> {
  const millimetres = (points: number) => `${coordinate((points / 72) * 25.4)}mm`;
  return {
    xmlns: "http://www.w3.org/2000/svg",
    viewBox: `0 0 ${width} ${height}`,
    width: millimetres(width),
    height: millimetres(height),
    role: "img",
  };
}

/**
 * A scene as a whole SVG file, sized in millimetres.
 * @param description read out by screen readers; @param fontFaces CSS that carries the fonts, or "".
 */
export function svgText(scene: Scene, description: string, fontFaces: string): string {
  const style = fontFaces === "" ? "" : `<style>${fontFaces}</style>`;
  const inside = svgElements(scene).map(elementText).join("");
  return `<svg${attributeText(drawingAttributes(scene))}><title>${escaped(description)}</title>${style}${inside}</svg>`;
}
