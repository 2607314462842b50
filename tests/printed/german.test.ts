import { execFileSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { unzipSync } from "fflate";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { perform } from "@/investigation/history/edit";
import { samples } from "@/investigation/samples/samples";
import { reportDocx } from "@/output/documents/reportDocx";
import { reportHtml } from "@/output/documents/reportHtml";
import { reportMarkdown } from "@/output/documents/reportMarkdown";
import { reportTexFiles } from "@/output/documents/reportTex";
import { layoutPages } from "@/output/pages/layoutPages";
import { reportPdf } from "@/output/pdf/reportPdf";
import { plottedCsv } from "@/output/plottedCells";
import { liveValues } from "@/output/report/liveValues";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { speaking } from "@/wording/language/spoken";
import { reportOf } from "../fixtures/sampleReport";
import { shippedFont } from "../fixtures/shippedFont";

const names = Object.keys(samples) as (keyof typeof samples)[];
const german = (name: keyof typeof samples) => reportOf(speaking("de", samples[name]));

/** English words of reports that no German report may hold. */
const english =
  /\b(?:Figure|Table|Readings|slope|intercept|mean|steepest|best-fit|series|stated|worked)\b/;

test.each(names)("the German report of %s is German in every kind of file", async (name) => {
  const { report } = german(name);
  const html = await reportHtml(report, () => Promise.resolve(""));
  expect(html).toContain('<html lang="de">');
  const body = html.slice(html.indexOf("<main")).replace(/<svg[\s\S]*?<\/svg>|<[^>]*>/g, " ");
  expect(body).toContain("Abbildung 1.");
  expect(body).not.toMatch(english);
  const markdown = reportMarkdown(report);
  expect(markdown).not.toMatch(english);
  const docx = unzipSync(await reportDocx(report, new Map()));
  const word = Buffer.from(docx["word/document.xml"]!).toString();
  expect(word).toContain("SEQ Abbildung");
  expect(word).toContain("SEQ Tabelle");
  expect(Buffer.from(docx["word/styles.xml"]!).toString()).toContain('w:val="de-DE"');
  const tex = reportTexFiles(report)["report.tex"]!;
  expect(tex).toContain("\\usepackage[ngerman]{babel}");
  for (const text of [body, markdown, word.replace(/<[^>]*>/g, ""), tex]) {
    expect(text).not.toMatch(/Abbildung.1\.\s*Abbildung.1\.|caption\{Abbildung/);
  }
});

test("its PDF says that it is German, parts decimals by commas and is read out in German", async () => {
  const { report } = german("clampedRule");
  const path = join(mkdtempSync(join(tmpdir(), "german-")), "report.pdf");
  writeFileSync(path, await reportPdf(layoutPages(report), report, shippedFont));
  const text = execFileSync("pdftotext", ["-layout", path, "-"], { encoding: "utf8" });
  for (const line of [
    "Tabelle 1. Messwerte: freie Länge und Zeit für zehn Schwingungen.",
    "Beispielrechnung: Schwingungsdauer, Zeile 4",
    "Tabelle 3. Geraden von Abbildung 1.",
    "Elastizitätsmodul des Stahls im Vergleich mit dem Literaturwert",
  ]) {
    expect(text).toContain(line);
  }
  expect(text).toMatch(/halber Abstand der beiden +± 0,36 +± 0,011/);
  expect(text).not.toMatch(/\d\.\d/);
  const heard = layoutPages(report).flatMap(({ parts }) => parts.flatMap((part) => part.path));
  const figure = heard.find(({ role, alt }) => role === "Figure" && alt);
  expect(figure?.alt).toMatch(/^T² gegen L³: 7 Punkte, .* nach oben gegen /);
});

test("an English window writes a German report, and the other way round", () => {
  const { context } = german("clampedRule");
  const rules = { language: "en" } as const;
  const { document } = perform(context.document, setHouseRules, rules);
  const { report } = speaking("de", () => reportOf(document));
  expect(reportMarkdown(report)).toContain("**Table 3.** Lines of Figure 1.");
  const shown = speaking("en", () => liveValues(context)).map(({ name }) => name);
  expect(shown).toContain("Steigung in Abbildung 1");
});

test("the numbers of a German figure come under German headings", () => {
  const { document } = german("constantanWires").context;
  const fit = fitFigure(evaluateTables(document), document.figures.main!, document.houseRules)!;
  const [head = "", first = ""] = plottedCsv(fit, document.houseRules).slice(1).split("\r\n");
  expect(head).toBe("Messreihe;l / m;Balken nach oben: l / m;Balken nach unten: l / m;R / Ω;Balken nach oben: R / Ω;Balken nach unten: R / Ω"); // prettier-ignore
  expect(first).toMatch(/^dünner Draht;0,2;0,002;0,002;/);
});
