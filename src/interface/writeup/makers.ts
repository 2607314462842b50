import type { Report } from "@/output/report/report";

/** A kind of file that the report can be taken out as. */
export interface Maker {
  readonly label: string;
  readonly title: string;
  readonly ending: string;
  readonly make: (report: Report) => Promise<Blob>;
}

/** Every kind of file, the one that is handed in first. */
export const makers: readonly Maker[] = [
  {
    ...{ label: "PDF", title: "Pages with vectors and fonts, tagged", ending: "pdf" },
    make: async (report) => {
      const [{ layoutPages }, { reportPdf }] = await Promise.all([
        import("@/output/pages/layoutPages"),
        import("@/output/reportPdf"),
      ]);
      const bytes = await reportPdf(layoutPages(report), report);
      return new Blob([bytes], { type: "application/pdf" });
    },
  },
];
