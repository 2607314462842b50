import { PDFDocument } from "pdf-lib";
import type { Scene } from "@/figure/scene";
import type { FontFetcher } from "../fonts/fetchedFont";
import { PageInk } from "./pageInk";
import { savedPdf } from "./savedPdf";
import { drawScene } from "./drawScene";
import { embeddedFonts } from "./pdfFonts";

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
  const ink = new PageInk(document.addPage([scene.width, scene.height]));
  drawScene(ink, scene, fonts, { x: 0, y: scene.height });
  return savedPdf(document, [ink]);
}
