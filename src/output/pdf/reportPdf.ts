import {
  concatTransformationMatrix,
  PDFDocument,
  PDFName,
  PDFNumber,
  PDFOperator,
  PDFOperatorNames,
  type PDFPage,
  popGraphicsState,
  pushGraphicsState,
} from "pdf-lib";
import type { ReportPage } from "../pages/layoutPages";
import type { Part } from "../pages/piece";
import { StructureTree } from "../pages/structureTree";
import type { FontFetcher } from "../fonts/fetchedFont";
import { drawScene } from "./drawScene";
import { embeddedFonts, type PdfFonts } from "./pdfFonts";

const language = "en";
const origin = { x: 0, y: 0 } as const;

function begin(part: Part, mark: number | undefined): PDFOperator {
  const role = part.path.at(-1)?.role;
  return role === undefined || mark === undefined
    ? PDFOperator.of(PDFOperatorNames.BeginMarkedContent, [PDFName.of("Artifact")])
    : PDFOperator.of(PDFOperatorNames.BeginMarkedContentSequence, [
        PDFName.of(role),
        `<</MCID ${mark}>>`,
      ]);
}

function drawPart(page: PDFPage, height: number, part: Part, fonts: PdfFonts, mark?: number): void {
  const { x, y, scale, scene } = part;
  page.pushOperators(
    begin(part, mark),
    pushGraphicsState(),
    concatTransformationMatrix(scale, 0, 0, scale, x, height - y),
  );
  drawScene(page, scene, fonts, origin);
  page.pushOperators(popGraphicsState(), PDFOperator.of(PDFOperatorNames.EndMarkedContent));
}

/**
 * The pages of a report as a PDF: vectors, fonts embedded and cut down, and tagged, so that it can be read out in its
 * order with headings, table cells and what figures show.
 */
export async function reportPdf(
  pages: readonly ReportPage[],
  { title, authors }: { readonly title: string; readonly authors: string },
  fetchFont?: FontFetcher,
  onProgress: (part: number) => void = () => undefined,
): Promise<Uint8Array<ArrayBuffer>> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  if (authors.trim() !== "") document.setAuthor(authors.trim());
  document.setProducer("Fathom Rule");
  const scenes = pages.flatMap(({ parts }) => parts.map(({ scene }) => scene));
  const fonts = await embeddedFonts(document, scenes, fetchFont);
  const tree = new StructureTree(document);
  pages.forEach(({ width, height, parts }, index) => {
    onProgress(index / pages.length);
    const page = document.addPage([width, height]);
    page.node.set(PDFName.of("StructParents"), PDFNumber.of(index));
    page.node.set(PDFName.of("Tabs"), PDFName.of("S"));
    for (const part of parts) {
      const mark = part.path.length > 0 ? tree.mark(index, page.ref, part.path) : undefined;
      drawPart(page, height, part, fonts, mark);
    }
  });
  tree.finish(language);
  return (await document.save()) as Uint8Array<ArrayBuffer>;
}
