import { layoutFigure } from "@/figure/layout/layoutFigure";
import { svgText } from "@/figure/render/svgText";
import type { FigureSpecification } from "@/figure/specification";
import { embeddedFontFaces } from "./fonts/fontFaces";

/** A figure as an SVG file that looks the same anywhere: its fonts are inside. */
export async function figureSvg(
  figure: FigureSpecification,
  description: string,
  ground: "white" | "transparent" = "white",
): Promise<string> {
  const whole = layoutFigure(figure);
  const shapes = whole.shapes.filter(({ role }) => ground === "white" || role !== "paper");
  const scene = { ...whole, shapes };
  return svgText(scene, description, await embeddedFontFaces(scene));
}
