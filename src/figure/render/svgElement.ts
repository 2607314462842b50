import { goesLeft } from "../fonts/bothWays";
import { fontStack } from "../fonts/fontStack";
import type { Face, PathShape, Scene, TextShape } from "../scene";
import { coordinate } from "./coordinate";
import { svgPath } from "./svgPath";

/** An SVG element as data: what the page and every export draw from. */
export interface SvgElement {
  readonly tag: "path" | "text" | "tspan";
  readonly attributes: Readonly<Record<string, string>>;
  readonly content: string | readonly SvgElement[];
}

function faceAttributes(text: string, face: Face): Record<string, string> {
  return {
    "font-family": fontStack(text, face),
    "font-weight": face.includes("Bold") ? "600" : "400",
    "font-style": face.endsWith("Italic") ? "italic" : "normal",
  };
}

function pathElement(shape: PathShape): SvgElement {
  const attributes: Record<string, string> = {
    "data-role": shape.role,
    d: svgPath(shape.path),
    fill: shape.fill ?? "none",
  };
  if (shape.stroke) {
    attributes.stroke = shape.stroke;
    attributes["stroke-width"] = String(shape.strokeWidth ?? 1);
    if (shape.dash) attributes["stroke-dasharray"] = shape.dash.map(coordinate).join(" ");
  }
  return { tag: "path", attributes, content: [] };
}

function textElement(shape: TextShape): SvgElement {
  const place = `translate(${coordinate(shape.x)} ${coordinate(shape.y)})`;
  return {
    tag: "text",
    attributes: {
      "data-role": shape.role,
      transform: shape.rotate ? `${place} rotate(${shape.rotate})` : place,
      fill: shape.fill,
      "xml:space": "preserve",
    },
    content: shape.runs.map((run) => ({
      tag: "tspan",
      attributes: {
        x: coordinate(run.x),
        y: coordinate(run.y),
        "font-size": coordinate(run.size),
        ...faceAttributes(run.text, run.face),
        ...(goesLeft(run.text) && { "unicode-bidi": "isolate" }),
      },
      content: run.text,
    })),
  };
}

/** The shapes of a scene as SVG elements, back to front. */
export function svgElements(scene: Scene): readonly SvgElement[] {
  return scene.shapes.map((shape) =>
    shape.kind === "path" ? pathElement(shape) : textElement(shape),
  );
}
