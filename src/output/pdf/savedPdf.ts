import { type PDFDocument, PDFStreamWriter } from "pdf-lib";
import type { PageInk } from "./pageInk";

/** How many objects are written at a stretch before others get their turn, and are packed together. */
const [objectsPerTick, objectsPerStream] = [5000, 1000];

/** The bytes of a PDF with what was drawn on its pages. */
export async function savedPdf(
  document: PDFDocument,
  inks: readonly PageInk[],
): Promise<Uint8Array<ArrayBuffer>> {
  await Promise.all(inks.map((ink) => ink.finish()));
  await document.flush();
  const { context } = document;
  const writer = PDFStreamWriter.forContext(context, objectsPerTick, true, objectsPerStream);
  return (await writer.serializeToBuffer()) as Uint8Array<ArrayBuffer>;
}
