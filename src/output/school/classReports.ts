import type { Investigation } from "@/investigation/model/investigation";
import { layoutPages } from "../pages/layoutPages";
import { reportPdf } from "../pdf/reportPdf";
import { buildReport } from "../report/buildReport";
import { curvesOf } from "../report/curvesOf";
import { reportContext } from "../report/reportContext";
import { fileName } from "../saveFile";
import { zipped } from "../zipped";
import { type PrintedRemark, remarkedPages } from "./remarkedPages";

/** A bench's sheet, and what its report is to be called. */
export interface NamedSheet {
  readonly name: string;
  readonly document: Investigation;
}

/** The report of an investigation as a PDF. */
export function pdfOf(
  document: Investigation,
  makePdf: typeof reportPdf = reportPdf,
): Promise<Uint8Array<ArrayBuffer>> {
  const report = buildReport(reportContext(document, curvesOf(document)));
  return makePdf(layoutPages(report), report);
}

/** The report of an investigation as a PDF, a teacher's remarks in its margin. */
export function remarkedPdf(
  document: Investigation,
  remarks: readonly PrintedRemark[],
  makePdf: typeof reportPdf = reportPdf,
): Promise<Uint8Array<ArrayBuffer>> {
  const report = buildReport(reportContext(document, curvesOf(document)));
  return makePdf(remarkedPages(layoutPages(report), report, remarks), report);
}

/**
 * The reports of a class as one ZIP, a PDF each. @param onProgress told after each, from 0 to 1;
 * @param makePdf how pages become a PDF.
 */
export async function classReportsZip(
  sheets: readonly NamedSheet[],
  onProgress: (part: number) => void,
  makePdf: typeof reportPdf = reportPdf,
): Promise<Uint8Array<ArrayBuffer>> {
  const files: Record<string, Uint8Array> = {};
  for (const [i, { name, document }] of sheets.entries()) {
    files[fileName(name, "pdf")] = await pdfOf(document, makePdf);
    onProgress((i + 1) / sheets.length);
  }
  return zipped(files);
} // prettier-ignore
