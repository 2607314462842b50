import {
  concatTransformationMatrix,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
} from "pdf-lib";
import { type Paper, papers } from "../papers";
import type { FontFetcher } from "../fonts/fetchedFont";
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
  for (const placed of sheets) {
    const page = document.addPage([width, height]);
    for (const { scene, x, y, scale } of placed) {
      page.pushOperators(
        pushGraphicsState(),
        concatTransformationMatrix(scale, 0, 0, scale, x, height - y),
      );
      drawScene(page, scene, fonts, { x: 0, y: 0 });
      page.pushOperators(popGraphicsState());
    }
  }
  return (await document.save()) as Uint8Array<ArrayBuffer>;
}
