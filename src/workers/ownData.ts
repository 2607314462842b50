import { classReportsZip, type NamedSheet, remarkedPdf } from "@/output/school/classReports";
import type { PrintedRemark } from "@/output/school/remarkedPages";
import { ownDataZip } from "@/output/ownData";
import { fetchWhole } from "@/wording/language/fetched";
import type { Investigation } from "@/investigation/model/investigation";

/** Fetches the languages that reports are written in. */
const languagesOf = (documents: readonly Investigation[]): Promise<void> =>
  fetchWhole(documents.map(({ houseRules }) => houseRules.language));

/** Everything of a person's own, packed away from the page. */
export const ownData = {
  zip: async (
    documents: readonly Investigation[],
    onProgress: (part: number) => void,
  ): Promise<Uint8Array<ArrayBuffer>> => {
    await languagesOf(documents);
    return ownDataZip(documents, onProgress);
  },

  remarked: async (
    document: Investigation,
    remarks: readonly PrintedRemark[],
  ): Promise<Uint8Array<ArrayBuffer>> => {
    await languagesOf([document]);
    return remarkedPdf(document, remarks);
  },

  reports: async (
    sheets: readonly NamedSheet[],
    onProgress: (part: number) => void,
  ): Promise<Uint8Array<ArrayBuffer>> => {
    await languagesOf(sheets.map(({ document }) => document));
    return classReportsZip(sheets, onProgress);
  },
};

export type OwnData = typeof ownData;
