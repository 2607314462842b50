import { PDFHexString } from "pdf-lib";
import type { Face, PathShape, PlacedRun, Scene, TextShape } from "@/figure/scene";
import { filePieces, type FilePiece } from "../fonts/filePieces";
import { type PageInk, written } from "./pageInk";
import { pathOperators } from "./pathOperators";
import { fontKey, type PdfFonts } from "./pdfFonts";

/** Where the upper left corner of a figure lies on a page; y upwards from the foot of the page. */
export interface Corner {
  readonly x: number;
  readonly y: number;
}

const partOf = (hex: string, at: number) => parseInt(hex.slice(at, at + 2), 16) / 255;
const colour = (hex: string) => [1, 3, 5].map((at) => written(partOf(hex, at))).join(" ");

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
  ink.draw("BT", `${colour(shape.fill)} rg`, ...runs, "ET");
}

/** An outline within a system of its own, whose y goes downwards. */
function drawPath(ink: PageInk, shape: PathShape, { x, y }: Corner): void {
  const { path, fill, stroke, strokeWidth = 1, dash = [] } = shape;
  if (!fill && !stroke) return;
  ink.draw("q", `1 0 0 -1 ${written(x)} ${written(y)} cm`);
  if (fill) ink.draw(`${colour(fill)} rg`);
  if (stroke) {
    ink.draw(`${colour(stroke)} RG`, `${written(strokeWidth)} w`);
    ink.draw(`[${dash.map(written).join(" ")}] 0 d`);
  }
  ink.draw(...pathOperators(path), fill && stroke ? "B" : fill ? "f" : "S", "Q");
}

/** Draws a scene on a page of a PDF: vectors and real text, as on the screen. */
export function drawScene(ink: PageInk, scene: Scene, fonts: PdfFonts, corner: Corner): void {
  for (const shape of scene.shapes) {
    if (shape.kind === "text") drawText(ink, shape, fonts, corner);
    else if (shape.path.length > 0) drawPath(ink, shape, corner);
  }
}
