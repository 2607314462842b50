import { classReportsZip, type NamedSheet, remarkedPdf } from "@/output/school/classReports";
import type { PrintedRemark } from "@/output/school/remarkedPages";
import { ownDataZip } from "@/output/ownData";
import type { Investigation } from "@/investigation/model/investigation";

/** Everything of a person's own, packed away from the page. */
export const ownData = {
  zip: (
    documents: readonly Investigation[],
    onProgress: (part: number) => void,
  ): Promise<Uint8Array<ArrayBuffer>> => ownDataZip(documents, onProgress),

  remarked: (
    document: Investigation,
    remarks: readonly PrintedRemark[],
  ): Promise<Uint8Array<ArrayBuffer>> => remarkedPdf(document, remarks),

  reports: (
    sheets: readonly NamedSheet[],
    onProgress: (part: number) => void,
  ): Promise<Uint8Array<ArrayBuffer>> => classReportsZip(sheets, onProgress),
};

export type OwnData = typeof ownData;
