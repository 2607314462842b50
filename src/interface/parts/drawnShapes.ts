import type { SvgElement } from "@/figure/render/svgElement";

const names = { svg: "http://www.w3.org/2000/svg", xml: "http://www.w3.org/XML/1998/namespace" };

function put(element: Element, name: string, value: string): void {
  if (name.startsWith("xml:")) element.setAttributeNS(names.xml, name, value);
  else element.setAttribute(name, value);
}

/** An SVG element of a scene, made for the page. */
export function drawnShape({ tag, attributes, content }: SvgElement): SVGElement {
  const element = document.createElementNS(names.svg, tag) as SVGElement;
  for (const [name, value] of Object.entries(attributes)) put(element, name, value);
  if (typeof content === "string") element.textContent = content;
  else element.append(...content.map(drawnShape));
  return element;
}

/** Makes one element into another of the same tag. */
function change(element: Element, was: SvgElement, now: SvgElement): void {
  for (const [name, value] of Object.entries(now.attributes)) {
    if (was.attributes[name] !== value) put(element, name, value);
  }
  for (const name of Object.keys(was.attributes)) {
    if (!(name in now.attributes)) element.removeAttribute(name);
  }
  if (typeof now.content === "string") {
    if (was.content !== now.content) element.textContent = now.content;
  } else if (typeof was.content === "string")
    element.replaceChildren(...now.content.map(drawnShape));
  else redraw(element, was.content, now.content);
}

/** Makes the shapes that stand in a place into those that are wanted; what stays the same is not touched. */
export function redraw(
  place: Element,
  standing: readonly SvgElement[],
  wanted: readonly SvgElement[],
): void {
  const elements = [...place.children];
  wanted.forEach((now, index) => {
    const [element, was] = [elements[index], standing[index]];
    if (!element || !was) place.append(drawnShape(now));
    else if (was.tag !== now.tag) element.replaceWith(drawnShape(now));
    else change(element, was, now);
  });
  for (const element of elements.slice(wanted.length)) element.remove();
}
