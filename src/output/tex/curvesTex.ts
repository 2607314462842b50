import { dashOfCurve } from "@/figure/marks/curves";
import { strokeOf } from "@/figure/marks/lines";
import { colourOf, inksOf } from "@/figure/palette";
import type { CurveSpecification, FigureSpecification } from "@/figure/specification";
import type { Frame } from "@/figure/layout/frame";
import { isNear } from "./near";
import { dashTex } from "./outlineTex";
import { colourName, plainNumber } from "./texText";

/** One in so many of the places that a curve is drawn through is enough for a smooth one. */
const every = 3;

/** How a curve is drawn, by its number in the figure, from 0. */
export function curveLook(
  { series }: Pick<CurveSpecification, "series">,
  index: number,
  figure: FigureSpecification,
): string {
  const own = figure.series[series] ?? figure.series[0];
  const ink = own ? colourOf(own, figure.look) : inksOf(figure.look).ink;
  const width = `line width=${strokeOf(figure.look)}bp`;
  return [colourName(ink), width, ...dashTex(dashOfCurve(index))].join(", ");
}

/** A fitted curve as the points that it is drawn through, with the edges between which further readings are expected. */
function curveTex(
  curve: CurveSpecification,
  index: number,
  figure: FigureSpecification,
  frame: Frame,
): string[] {
  const { x, y, prediction } = curve;
  const through = (look: string, off: (i: number) => number) => {
    const places = Array.from({ length: x.length }, (_, i) => i)
      .filter((i) => i % every === 0 && Number.isFinite(y[i]))
      .filter((i) => isNear(frame, x[i] as number, (y[i] as number) + off(i)))
      .map((i) => `(${plainNumber(x[i] as number)},${plainNumber((y[i] as number) + off(i))})`);
    return `\\addplot[${look}, no marks, forget plot] coordinates {${places.join(" ")}};`;
  };
  const edge = [colourName(inksOf(figure.look).magenta), "line width=0.6bp", ...dashTex([3, 2])];
  const edges = prediction
    ? [1, -1].map((sign) => through(edge.join(", "), (i) => sign * (prediction[i] as number)))
    : [];
  return [...edges, through(curveLook(curve, index, figure), () => 0)];
}

/** The fitted curves of a figure. */
export function curvesTex(figure: FigureSpecification, frame: Frame): string[] {
  return (figure.curves ?? []).flatMap((curve, index) => curveTex(curve, index, figure, frame));
}
