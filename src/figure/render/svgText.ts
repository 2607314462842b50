import { cleanText } from "@/core/text/cleanText";
import type { Scene } from "../scene";
import { coordinate } from "./coordinate";
import { type SvgElement, svgElements } from "./svgElement";

const escapes: Record<string, string> = { "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" };

function escaped(text: string): string {
  return cleanText(text).replace(/[&<>"]/g, (character) => escapes[character] as string);
}

function elementText({ tag, attributes, content }: SvgElement): string {
  const written = Object.entries(attributes)
    .map(([name, value]) => ` ${name}="${escaped(value)}"`)
    .join("");
  const inside = typeof content === "string" ? escaped(content) : content.map(elementText).join("");
  return inside === "" ? `<${tag}${written}/>` : `<${tag}${written}>${inside}</${tag}>`;
}

/**
 * A scene as a whole SVG file, sized in millimetres.
 * @param description read out by screen readers; @param fontFaces CSS that carries the fonts, or "".
 */
export function svgText(scene: Scene, description: string, fontFaces: string): string {
  const millimetres = (points: number) => `${coordinate((points / 72) * 25.4)}mm`;
  const style = fontFaces === "" ? "" : `<style>${fontFaces}</style>`;
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${scene.width} ${scene.height}"` +
    ` width="${millimetres(scene.width)}" height="${millimetres(scene.height)}" role="img">` +
    `<title>${escaped(description)}</title>${style}` +
    `${svgElements(scene).map(elementText).join("")}</svg>`
  );
}
