import { type Frame, layFrame } from "@/figure/layout/frame";
import { bands } from "@/figure/marks/bands";
import { band, joins } from "@/figure/marks/joins";
import { curves } from "@/figure/marks/curves";
import { inksOf } from "@/figure/palette";
import type { PathShape } from "@/figure/scene";
import type { FigureSpecification } from "@/figure/specification";
import { axisTex } from "./axisTex";
import { curvesTex } from "./curvesTex";
import { outlineTex } from "./outlineTex";
import { lettersPreamble } from "./preamble";
import { seriesTex } from "./seriesTex";
import { colourDefinitions, colourName, texOfRuns } from "./texText";
import { writtenTex } from "./wordsTex";

const nothingWritten = { equations: [], labels: [] };

/** What is shaded, and the stretches that join the points: outlines that the page has found. */
function backgroundTex(figure: FigureSpecification, frame: Frame): string[] {
  const isDrawn = (shape: { readonly kind: string; readonly role: string }): shape is PathShape =>
    shape.kind === "path" && shape.role !== "prediction-band" && shape.role !== "curve";
  return [band, bands, curves, joins]
    .flatMap((mark) => mark(figure, frame, nothingWritten))
    .filter(isDrawn)
    .flatMap((shape) => outlineTex(shape, frame));
}

/** The strip under the figure as an axis of its own, where it stands on the page. */
function stripTex(figure: FigureSpecification, frame: Frame): string[] {
  const { strip } = figure;
  if (!strip || !frame.strip) return [];
  const { top, bottom } = frame.strip;
  const area = { width: frame.right - frame.left, height: bottom - top };
  const part = { ...figure, y: strip.y, series: strip.series };
  return [
    `\\begin{axis}[at={(0bp,${Number((frame.bottom - bottom).toFixed(2))}bp)}, anchor=south west,`,
    `  ${axisTex(figure, frame, area, "strip").join(",\n  ")}]`,
    ...seriesTex(part, { ...frame, ...frame.strip }),
    "\\end{axis}",
  ];
}

function titleTex({ title, look }: FigureSpecification): string[] {
  if (!title || title.length === 0) return [];
  const font = `font=\\small\\bfseries, text=${colourName(inksOf(look).ink)}`;
  return [`title={${texOfRuns(title)}}`, `title style={at={(0,1)}, anchor=south west, ${font}}`];
}

/** A figure as a pgfplots picture, to stand in a document: its data, drawn as on the page. */
export function figurePicture(figure: FigureSpecification): string {
  const frame = layFrame(figure);
  const area = { width: frame.right - frame.left, height: frame.bottom - frame.top };
  const { options, written } = writtenTex(figure, frame);
  const all = [...axisTex(figure, frame, area, "figure"), ...titleTex(figure), ...options];
  const lines = [
    `\\begin{axis}[${all.join(",\n  ")}]`,
    ...backgroundTex(figure, frame),
    ...curvesTex(figure, frame),
    ...seriesTex(figure, frame),
    ...written,
    "\\end{axis}",
    ...stripTex(figure, frame),
  ];
  return [
    "\\begin{tikzpicture}",
    ...colourDefinitions(lines.join("\n")),
    ...lines,
    "\\end{tikzpicture}",
  ].join("\n");
}

/** A figure as a pgfplots picture in a document of its own, for those who write in TeX. */
export function figureTex(figure: FigureSpecification): string {
  const picture = figurePicture(figure);
  return [
    "\\documentclass{standalone}",
    lettersPreamble(picture),
    "\\usepackage{pgfplots}\n\\pgfplotsset{compat=1.16}",
    "\\begin{document}",
    picture,
    "\\end{document}",
    "",
  ].join("\n");
}
