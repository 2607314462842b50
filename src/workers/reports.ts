import type { Picture } from "@/output/documents/pictures";
import { reportDocx } from "@/output/documents/reportDocx";
import { packedPng } from "@/output/figurePng";
import { unheldWords } from "@/output/fonts/unheld";
import { layoutPages } from "@/output/pages/layoutPages";
import { reportPdf } from "@/output/pdf/reportPdf";
import type { Report } from "@/output/report/report";

/** The report in hand, laid out once for all that is asked of its pages. */
let inHand: { readonly report: Report; readonly pages: ReturnType<typeof layoutPages> } | undefined;

/** Files of the report, made away from the page. */
export const reports = {
  /** Lays the report out; words that no font holds. */
  take: (report: Report): readonly string[] => {
    const pages = layoutPages(report);
    inHand = { report, pages };
    return unheldWords(pages.flatMap(({ parts }) => parts.map(({ scene }) => scene)));
  },

  /** The PDF of the report that was taken. */
  pdf: (onProgress: (part: number) => void): Promise<Uint8Array<ArrayBuffer>> => {
    if (!inHand) throw new Error("no report was taken");
    return reportPdf(inHand.pages, inHand.report, undefined, onProgress);
  },

  png: packedPng,

  docx: (
    report: Report,
    pictures: readonly (readonly [number, Picture])[],
  ): Promise<Uint8Array<ArrayBuffer>> => reportDocx(report, new Map(pictures)),
};

export type Reports = typeof reports;
