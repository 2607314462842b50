import { unzipSync } from "fflate";
import { readInvestigationFile } from "@/intake/investigationFile";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { renameInvestigation } from "@/investigation/acts/renameInvestigation";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { samples } from "@/investigation/samples/samples";
import { investigationJson } from "@/output/investigationJson";
import { picturesOf } from "@/output/documents/pictures";
import { reportDocx } from "@/output/documents/reportDocx";
import { reportHtml } from "@/output/documents/reportHtml";
import { reportMarkdown } from "@/output/documents/reportMarkdown";
import { reportTexFiles } from "@/output/documents/reportTex";
import { layoutPages } from "@/output/pages/layoutPages";
import { reportPdf } from "@/output/pdf/reportPdf";
import { tableCsv } from "@/output/tableCsv";
import { reportOf } from "../fixtures/sampleReport";
import { shippedFont } from "../fixtures/shippedFont";

const unclean = "Spring\u200b \ufeffand\u0007 m\u0061\u0308ss\ud800";
const clean = "Spring and mäss";
const unshown = /[\0-\x08\x0b\x0c\x0e-\x1f\u200b\ufeff]|\p{Cs}/u;

/** What stands about the first sign that shows nothing. */
function around(text: string): string {
  const at = text.search(unshown);
  return at < 0 ? "" : text.slice(Math.max(0, at - 40), at + 40);
}

/** A document as it was once let in: its texts hold what shows nothing. */
function spoilt(): Investigation {
  const document = structuredClone(samples.clampedRule()) as {
    -readonly [K in keyof Investigation]: Investigation[K];
  };
  document.title = unclean;
  const quantities = Object.entries(document.quantities);
  document.quantities = Object.fromEntries(
    quantities.map(([id, one]) => [id, { ...one, name: `${one.name} ${unclean}` }]),
  );
  return document;
}

test("a text that is typed or brought in is kept as it shows", () => {
  const typed = perform(samples.clampedRule(), renameInvestigation, { title: unclean }).document;
  expect(typed.title).toBe(clean);
  const id = Object.keys(typed.quantities)[0]!;
  const named = perform(typed, describeQuantity, { quantity: id, name: unclean }).document;
  expect(named.quantities[id]!.name).toBe(clean);
  const brought = readInvestigationFile(investigationJson(spoilt()));
  expect(brought).toMatchObject({ kind: "document", document: { title: clean } });
});

test("a document that holds such texts nevertheless goes into every file without them", async () => {
  const { report, context } = reportOf(spoilt());
  const fonts = async () => "";
  const pictures = await picturesOf(report, { rasterise: async () => new Uint8Array(8), fonts });
  const docx = unzipSync(await reportDocx(report, pictures));
  const texts = [
    ...[
      reportMarkdown(report),
      await reportHtml(report, fonts),
      reportTexFiles(report)["report.tex"]!,
    ],
    ...[
      tableCsv(context.tables[0]!, context.rules).slice(1),
      Buffer.from(docx["word/document.xml"]!).toString(),
    ],
    ...[...pictures.values()].map(({ svg }) => svg),
  ];
  for (const text of texts) expect(around(text)).toBe("");
  for (const text of texts.slice(0, 5)) expect(text.includes(clean)).toBe(true);
  const pdf = await reportPdf(layoutPages(report), report, shippedFont);
  expect(pdf.length).toBeGreaterThan(10_000);
});
