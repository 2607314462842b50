import { drawSvgPath, PDFHexString, rgb } from "pdf-lib";
import type { Face, PathShape, PlacedRun, Scene, TextShape } from "@/figure/scene";
import { filePieces, type FilePiece } from "../fonts/filePieces";
import { type PageInk, written } from "./pageInk";
import { fontKey, type PdfFonts } from "./pdfFonts";

/** Where the upper left corner of a figure lies on a page; y upwards from the foot of the page. */
export interface Corner {
  readonly x: number;
  readonly y: number;
}

const partOf = (hex: string, at: number) => parseInt(hex.slice(at, at + 2), 16) / 255;
const colour = (hex: string) => rgb(partOf(hex, 1), partOf(hex, 3), partOf(hex, 5));

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
function readAs(text: string, drawn: readonly string[]): string[] {
  const actual = PDFHexString.fromText(text).toString();
  return [`/Span <</ActualText ${actual}>> BDC`, ...drawn, "EMC"];
}

/** A run, piece by piece, as each piece has a font of its own. */
function drawnRun(
  { page }: PageInk,
  run: PlacedRun,
  fonts: PdfFonts,
  at: (x: number, y: number) => string,
): string[] {
  const { size, face } = run;
  let pen = run.x;
  return piecesOf(run.text, face).flatMap(({ text, drawnAs = text, file, width, joined }) => {
    const x = pen;
    pen += width * size;
    const font = fonts.get(fontKey(file, face));
    if (!font) return [];
    const chosen = `${font.keyOn(page).toString()} ${written(size)} Tf`;
    const drawn = joined
      ? font
          .place(drawnAs)
          .map(
            (one) =>
              `${at(x + (one.x * size) / 1000, run.y - (one.y * size) / 1000)} ${one.text} Tj`,
          )
      : [`${at(x, run.y)} ${font.encode(drawnAs.replace(oddSpaces, " "))} Tj`];
    return [chosen, ...(drawnAs === text ? drawn : readAs(text, drawn))];
  });
}

/** A line of text, turned about its place. */
function drawText(ink: PageInk, shape: TextShape, fonts: PdfFonts, corner: Corner): void {
  const turn = (-shape.rotate * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const matrix = [cos, sin, -sin, cos].map(written).join(" ");
  const at = (x: number, y: number) => {
    const right = corner.x + shape.x + x * cos + y * sin;
    const up = corner.y - shape.y + x * sin - y * cos;
    return `${matrix} ${written(right)} ${written(up)} Tm`;
  };
  const runs = shape.runs.flatMap((run) => drawnRun(ink, run, fonts, at));
  if (runs.length === 0) return;
  const fill = [1, 3, 5].map((start) => written(partOf(shape.fill, start))).join(" ");
  ink.draw("BT", `${fill} rg`, ...runs, "ET");
}

function drawPath(ink: PageInk, shape: PathShape, { x, y }: Corner): void {
  const operators = drawSvgPath(shape.d, {
    x,
    y,
    rotate: undefined,
    scale: undefined,
    color: shape.fill ? colour(shape.fill) : undefined,
    borderColor: shape.stroke ? colour(shape.stroke) : undefined,
    borderWidth: shape.stroke ? (shape.strokeWidth ?? 1) : 0,
    ...(shape.dash && { borderDashArray: [...shape.dash] }),
  });
  ink.draw(...operators.map(String));
}

/** Draws a scene on a page of a PDF: vectors and real text, as on the screen. */
export function drawScene(ink: PageInk, scene: Scene, fonts: PdfFonts, corner: Corner): void {
  for (const shape of scene.shapes) {
    if (shape.kind === "text") drawText(ink, shape, fonts, corner);
    else if (shape.d !== "") drawPath(ink, shape, corner);
  }
}
