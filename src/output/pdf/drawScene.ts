import {
  beginText,
  endText,
  PDFHexString,
  PDFOperator,
  PDFOperatorNames,
  type PDFPage,
  rgb,
  setFillingRgbColor,
  setFontAndSize,
  setTextMatrix,
  showText,
} from "pdf-lib";
import type { Face, PathShape, PlacedRun, Scene, TextShape } from "@/figure/scene";
import { filePieces, type FilePiece } from "../fonts/filePieces";
import { fontKey, type PdfFonts } from "./pdfFonts";

/** Where the upper left corner of a figure lies on a page; y upwards from the foot of the page. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

const partOf = (hex: string, at: number) => parseInt(hex.slice(at, at + 2), 16) / 255;
const colour = (hex: string) => rgb(partOf(hex, 1), partOf(hex, 3), partOf(hex, 5));

const rounded = (value: number) => Math.round(value * 1000) / 1000 + 0;

const oddSpaces = /[\u2000-\u200a\u202f\u205f]/g;
const pieces = new Map<string, readonly FilePiece[]>();

function piecesOf(text: string, face: Face): readonly FilePiece[] {
  const key = `${face}/${text}`;
  const known = pieces.get(key) ?? filePieces(text, face);
  if (pieces.size > 20_000) pieces.clear();
  pieces.set(key, known);
  return known;
}

/** What is drawn in place of letters is read out as those. */
function readAs(text: string, drawn: readonly PDFOperator[]): PDFOperator[] {
  const actual = `<</ActualText ${PDFHexString.fromText(text).toString()}>>`;
  return [
    PDFOperator.of(PDFOperatorNames.BeginMarkedContentSequence, ["/Span", actual]),
    ...drawn,
    PDFOperator.of(PDFOperatorNames.EndMarkedContent),
  ];
}

/** A run, piece by piece, as each piece has a font of its own. */
function drawRun(
  page: PDFPage,
  run: PlacedRun,
  fonts: PdfFonts,
  at: (x: number, y: number) => PDFOperator,
): PDFOperator[] {
  const { size, face } = run;
  let pen = run.x;
  return piecesOf(run.text, face).flatMap(({ text, drawnAs = text, file, width, joined }) => {
    const x = pen;
    pen += width * size;
    const font = fonts.get(fontKey(file, face));
    if (!font) return [];
    const chosen = setFontAndSize(font.keyOn(page), rounded(size));
    const drawn = joined
      ? font
          .place(drawnAs)
          .flatMap((one) => [
            at(x + (one.x * size) / 1000, run.y - (one.y * size) / 1000),
            showText(one.text),
          ])
      : [at(x, run.y), showText(font.encode(drawnAs.replace(oddSpaces, " ")))];
    return [chosen, ...(drawnAs === text ? drawn : readAs(text, drawn))];
  });
}

/** A line of text, turned about its place. */
function drawText(page: PDFPage, shape: TextShape, fonts: PdfFonts, place: Place): void {
  const turn = (-shape.rotate * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const at = (x: number, y: number) =>
    setTextMatrix(
      ...([cos, sin, -sin, cos].map(rounded) as [number, number, number, number]),
      rounded(place.x + shape.x + x * cos + y * sin),
      rounded(place.y - shape.y + x * sin - y * cos),
    );
  const runs = shape.runs.flatMap((run) => drawRun(page, run, fonts, at));
  if (runs.length === 0) return;
  const fill = shape.fill;
  page.pushOperators(
    beginText(),
    setFillingRgbColor(partOf(fill, 1), partOf(fill, 3), partOf(fill, 5)),
    ...runs,
    endText(),
  );
}

function drawPath(page: PDFPage, shape: PathShape, { x, y }: Place): void {
  page.drawSvgPath(shape.d, {
    ...{ x, y },
    ...(shape.fill && { color: colour(shape.fill) }),
    ...(shape.stroke && {
      ...{ borderColor: colour(shape.stroke), borderWidth: shape.strokeWidth ?? 1 },
    }),
    ...(shape.dash && { borderDashArray: [...shape.dash] }),
  });
}

/** Draws a scene on a page of a PDF: vectors and real text, as on the screen. */
export function drawScene(page: PDFPage, scene: Scene, fonts: PdfFonts, place: Place): void {
  for (const shape of scene.shapes) {
    if (shape.kind === "text") drawText(page, shape, fonts, place);
    else if (shape.d !== "") drawPath(page, shape, place);
  }
}
