import { degrees, PDFDocument, type PDFFont, type PDFPage, rgb } from "pdf-lib";
import type { Face, PathShape, Scene, TextShape } from "@/figure/scene";
import { textWidth } from "@/figure/layout/textWidth";
import { fetchedFont, type FontFetcher, pdfFontFiles, subsetOf } from "./pdfFonts";

/** The fonts of a document by face and script, embedded once. */
export type PdfFonts = ReadonlyMap<string, PDFFont>;

const keyOf = (face: Face, subset: string) => `${face}/${subset}`;

function colour(hex: string) {
  const part = (at: number) => parseInt(hex.slice(at, at + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
}

/** Embeds the fonts that scenes need, each cut down to the letters used. */
export async function embeddedFonts(
  document: PDFDocument,
  scenes: readonly Scene[],
  fetchFont: FontFetcher = fetchedFont,
): Promise<PdfFonts> {
  const { subsetFontkit } = await import("./subsetFontkit");
  document.registerFontkit(subsetFontkit);
  const fonts = new Map<string, PDFFont>();
  for (const { face, subset, file } of pdfFontFiles(scenes)) {
    const bytes = await fetchFont(file);
    fonts.set(keyOf(face, subset), await document.embedFont(bytes, { subset: true }));
  }
  return fonts;
}

/** Spaces of other widths, which the fonts hold without an outline, as plain ones. */
function plainSpaces(text: string): string {
  return text.replace(/[\u2000-\u200a\u202f]/g, " ");
}

/** A line of text letter group by letter group, as each script has a font of its own. */
function drawText(page: PDFPage, shape: TextShape, fonts: PdfFonts, place: Place): void {
  const turn = (-shape.rotate * Math.PI) / 180;
  for (const run of shape.runs) {
    let x = run.x;
    for (const text of plainSpaces(run.text).match(/[\u0370-\u03ff]+|[^\u0370-\u03ff]+/g) ?? []) {
      for (const piece of piecesOf(text)) {
        const font = fonts.get(keyOf(run.face, subsetOf(piece)));
        if (font) {
          page.drawText(piece, {
            x: place.x + shape.x + x * Math.cos(turn) + run.y * Math.sin(turn),
            y: place.y - shape.y + x * Math.sin(turn) - run.y * Math.cos(turn),
            ...{ size: run.size, font, color: colour(shape.fill), rotate: degrees(-shape.rotate) },
          });
        }
        x += textWidth(piece, run.face, run.size);
      }
    }
  }
}

/** Stretches of one script. */
function piecesOf(text: string): string[] {
  const pieces: string[] = [];
  for (const letter of text) {
    const last = pieces.at(-1);
    if (last !== undefined && subsetOf(last) === subsetOf(letter)) {
      pieces[pieces.length - 1] = last + letter;
    } else pieces.push(letter);
  }
  return pieces;
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

/** Where the upper left corner of a figure lies on a page; y upwards from the foot of the page. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** Draws a scene on a page of a PDF: vectors and real text, as on the screen. */
export function drawScene(page: PDFPage, scene: Scene, fonts: PdfFonts, place: Place): void {
  for (const shape of scene.shapes) {
    if (shape.kind === "text") drawText(page, shape, fonts, place);
    else if (shape.d !== "") drawPath(page, shape, place);
  }
}

/** A figure alone on a page of its own size. */
export async function figurePdf(
  scene: Scene,
  title: string,
  fetchFont?: FontFetcher,
): Promise<Uint8Array<ArrayBuffer>> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  document.setProducer("Fathom Rule");
  const fonts = await embeddedFonts(document, [scene], fetchFont);
  const page = document.addPage([scene.width, scene.height]);
  drawScene(page, scene, fonts, { x: 0, y: scene.height });
  return (await document.save()) as Uint8Array<ArrayBuffer>;
}
