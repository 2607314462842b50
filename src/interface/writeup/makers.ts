import type { Report } from "@/output/report/report";

/** A kind of file that the report can be taken out as. */
export interface Maker {
  readonly label: string;
  readonly title: string;
  readonly ending: string;
  readonly make: (report: Report) => Promise<Blob>;
}

async function pdf(report: Report): Promise<Blob> {
  const [{ layoutPages }, { reportPdf }] = await Promise.all([
    import("@/output/pages/layoutPages"),
    import("@/output/reportPdf"),
  ]);
  const bytes = await reportPdf(layoutPages(report), report);
  return new Blob([bytes], { type: "application/pdf" });
}

async function docx(report: Report): Promise<Blob> {
  const [{ picturesOf }, { reportDocx }] = await Promise.all([
    import("@/output/documents/pictures"),
    import("@/output/documents/reportDocx"),
  ]);
  const bytes = await reportDocx(report, await picturesOf(report));
  const type = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";
  return new Blob([bytes as Uint8Array<ArrayBuffer>], { type });
}

async function html(report: Report): Promise<Blob> {
  const { reportHtml } = await import("@/output/documents/reportHtml");
  return new Blob([await reportHtml(report)], { type: "text/html" });
}

async function markdown(report: Report): Promise<Blob> {
  const [{ picturesOf }, { reportMarkdownZip }] = await Promise.all([
    import("@/output/documents/pictures"),
    import("@/output/documents/reportMarkdown"),
  ]);
  const bytes = reportMarkdownZip(report, await picturesOf(report));
  return new Blob([bytes], { type: "application/zip" });
}

async function tex(report: Report): Promise<Blob> {
  const { reportTexZip } = await import("@/output/documents/reportTex");
  return new Blob([reportTexZip(report)], { type: "application/zip" });
}

/** Every kind of file, the one that is handed in first. */
export const makers: readonly Maker[] = [
  { label: "PDF", title: "Pages with vectors and fonts, tagged", ending: "pdf", make: pdf },
  { label: "DOCX", title: "For word processors, with fields and formulas", ending: "docx", make: docx }, // prettier-ignore
  { label: "HTML", title: "One web page with everything inside", ending: "html", make: html },
  { label: "Markdown", title: "Text with its pictures in a ZIP", ending: "zip", make: markdown },
  { label: "TeX", title: "Source with pgfplots figures in a ZIP", ending: "tex.zip", make: tex },
];
