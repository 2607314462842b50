import type { Picture } from "@/output/documents/pictures";
import { reportDocx } from "@/output/documents/reportDocx";
import { packedPng } from "@/output/figurePng";
import { unheldWords } from "@/output/fonts/unheld";
import { layoutPages } from "@/output/pages/layoutPages";
import { reportPdf } from "@/output/pdf/reportPdf";
import type { Report } from "@/output/report/report";

const scenesOf = (report: Report) =>
  layoutPages(report).flatMap(({ parts }) => parts.map(({ scene }) => scene));

/** Files of the report, made away from the page. */
export const reports = {
  unheld: (report: Report): readonly string[] => unheldWords(scenesOf(report)),

  pdf: (report: Report, onProgress: (part: number) => void): Promise<Uint8Array<ArrayBuffer>> =>
    reportPdf(layoutPages(report), report, undefined, onProgress),

  png: packedPng,

  docx: (
    report: Report,
    pictures: readonly (readonly [number, Picture])[],
  ): Promise<Uint8Array<ArrayBuffer>> => reportDocx(report, new Map(pictures)),
};

export type Reports = typeof reports;
