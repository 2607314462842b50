import { classReportsZip, type NamedSheet, remarkedPdf } from "@/output/school/classReports";
import type { PrintedRemark } from "@/output/school/remarkedPages";
import { ownDataZip } from "@/output/ownData";
import { fetchLanguage } from "@/wording/language/fetched";
import type { Investigation } from "@/investigation/model/investigation";

/** Fetches the languages that reports are written in. */
async function languagesOf(documents: readonly Investigation[]): Promise<void> {
  const languages = new Set(documents.map(({ houseRules }) => houseRules.language));
  await Promise.all([...languages].map(fetchLanguage));
}

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
