import { PDFDocument, PDFName, PDFNumber } from "pdf-lib";
import type { ReportPage } from "../pages/layoutPages";
import type { Part } from "../pages/piece";
import { StructureTree } from "../pages/structureTree";
import type { FontFetcher } from "../fonts/fetchedFont";
import type { Report } from "../report/report";
import { PageInk } from "./pageInk";
import { savedPdf } from "./savedPdf";
import { drawScene } from "./drawScene";
import { embeddedFonts, type PdfFonts } from "./pdfFonts";

const origin = { x: 0, y: 0 } as const;

function begin({ path }: Part, mark: number | undefined): string {
  const role = path.at(-1)?.role;
  return role === undefined || mark === undefined
    ? "/Artifact BMC"
    : `/${role} <</MCID ${mark}>> BDC`;
}

function drawPart(ink: PageInk, height: number, part: Part, fonts: PdfFonts, mark?: number): void {
  const { x, y, scale, scene } = part;
  ink.draw(begin(part, mark));
  if (scene.shapes.length > 0) {
    ink.within(x, height - y, scale, () => drawScene(ink, scene, fonts, origin));
  }
  ink.draw("EMC");
}

/**
 * The pages of a report as a PDF: vectors, fonts embedded and cut down, and tagged, so that it can be read out in its
 * order with headings, table cells and what figures show.
 */
export async function reportPdf(
  pages: readonly ReportPage[],
  { title, authors, language }: Pick<Report, "title" | "authors" | "language">,
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
  const inks = pages.map(({ width, height, parts }, index) => {
    onProgress(index / pages.length);
    const page = document.addPage([width, height]);
    const ink = new PageInk(page);
    page.node.set(PDFName.of("StructParents"), PDFNumber.of(index));
    page.node.set(PDFName.of("Tabs"), PDFName.of("S"));
    for (const part of parts) {
      const mark = part.path.length > 0 ? tree.mark(index, page.ref, part.path) : undefined;
      drawPart(ink, height, part, fonts, mark);
    }
    return ink;
  });
  tree.finish(language);
  return savedPdf(document, inks);
}
