import { PDFDocument } from "pdf-lib";
import { type Paper, papers } from "../papers";
import type { FontFetcher } from "../fonts/fetchedFont";
import { PageInk } from "./pageInk";
import { savedPdf } from "./savedPdf";
import { drawScene } from "./drawScene";
import { embeddedFonts } from "./pdfFonts";
import type { Sheets } from "./tableSheets";

/** Sheets with a table and its figure as a PDF. */
export async function tableAndFigurePdf(
  sheets: Sheets,
  title: string,
  paper: Paper,
  fetchFont?: FontFetcher,
): Promise<Uint8Array<ArrayBuffer>> {
  const [width, height] = papers[paper];
  const document = await PDFDocument.create();
  document.setTitle(title);
  document.setProducer("Fathom Rule");
  const scenes = sheets.flatMap((placed) => placed.map(({ scene }) => scene));
  const fonts = await embeddedFonts(document, scenes, fetchFont);
  const inks = sheets.map((placed) => {
    const ink = new PageInk(document.addPage([width, height]));
    for (const { scene, x, y, scale } of placed) {
      ink.within(x, height - y, scale, () => drawScene(ink, scene, fonts, { x: 0, y: 0 }));
    }
    return ink;
  });
  return savedPdf(document, inks);
}
