import type { Frame } from "@/figure/layout/frame";
import type { Place } from "@/figure/path/path";
import type { PathShape } from "@/figure/scene";
import { stretchesOf } from "./stretches";
import { colourName } from "./texText";

const six = (value: number) => String(Number(value.toPrecision(6)));

/** "(0.2,1.5)": a place of the paper in the units of the axes. */
export function placeTex([x, y]: Place, frame: Frame): string {
  return `(${six(frame.xAt(x))},${six(frame.yAt(y))})`;
}

/** Dashes and gaps in points, as TikZ takes them. */
export function dashTex(dash: readonly number[] | undefined): string[] {
  if (!dash) return [];
  return [
    `dash pattern=${dash.map((length, i) => `${i % 2 ? "off" : "on"} ${length}bp`).join(" ")}`,
  ];
}

/** A drawn or shaded outline of the page as a plot of its own, with nothing in the legend. */
export function outlineTex(shape: PathShape, frame: Frame): string[] {
  const { fill, stroke, strokeWidth = 1, dash } = shape;
  const look = [
    ...["no marks", "forget plot"],
    stroke ? `draw=${colourName(stroke)}, line width=${strokeWidth}bp` : "draw=none",
    ...(fill ? [`fill=${colourName(fill)}, on layer=axis background`] : []),
    ...dashTex(dash),
  ].join(", ");
  return stretchesOf(shape.path).map(({ places, closed }) => {
    const all = places.map((place) => placeTex(place, frame)).join(" ");
    return `\\addplot[${look}] coordinates {${all}}${closed ? " -- cycle" : ""};`;
  });
}
