import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import ExcelJS from "exceljs";
import { unzipSync } from "fflate";
import Papa from "papaparse";
import type { HouseRules } from "@/investigation/model/houseRules";
import { investigationJson } from "@/output/investigationJson";
import { readInvestigationFile } from "@/intake/investigationFile";
import { picturesOf } from "@/output/documents/pictures";
import { reportDocx } from "@/output/documents/reportDocx";
import { reportHtml } from "@/output/documents/reportHtml";
import { reportMarkdownZip } from "@/output/documents/reportMarkdown";
import { reportTexZip } from "@/output/documents/reportTex";
import { unheldWords } from "@/output/fonts/unheld";
import { layoutPages } from "@/output/pages/layoutPages";
import { reportPdf } from "@/output/pdf/reportPdf";
import { shownNodes, type Report } from "@/output/report/report";
import { tableCells } from "@/output/tableCells";
import { tableCsv } from "@/output/tableCsv";
import { tablesXlsx } from "@/output/tableXlsx";
import { evaluateTables } from "@/pipeline/table/table";
import { onePoint } from "../fixtures/onePoint";
import { shippedFont } from "../fixtures/shippedFont";
import type { HardInvestigation } from "./investigations";
import { figurePdfs, figurePngs, figureTexts } from "./figureFiles";
import { heldBy, type Reading } from "./held";
import {
  cellsOfWorkbook,
  isThere,
  type Program,
  cellsOfCsv,
  readsWorkbooks,
  run,
  wordsOfDocument,
  wordsOfPdf,
} from "./programs";
import { saidBy } from "./saidBy";

/** An investigation with its report and a folder for its files. */
export interface Case extends HardInvestigation {
  readonly report: Report;
  readonly folder: string;
}

/** A kind of file: what writes it, and a program of others that reads it. */
export interface Format {
  readonly name: string;
  readonly needs: readonly Program[];
  /** Reads everything that a report has to hold; undefined where it holds figures or tables only, which it compares itself. */
  readonly read: (given: Case) => Promise<Reading | undefined>;
}

const noFonts = async () => "";
const pictures = (report: Report) =>
  picturesOf(report, { rasterise: async () => onePoint, fonts: noFonts });

function put({ folder }: Case, name: string, content: Uint8Array | string): string {
  writeFileSync(join(folder, name), content);
  return name;
}

function unpack(given: Case, name: string, zip: Uint8Array): string {
  const folder = join(given.folder, name);
  mkdirSync(folder, { recursive: true });
  for (const [file, bytes] of Object.entries(unzipSync(zip))) {
    mkdirSync(join(folder, file, ".."), { recursive: true });
    writeFileSync(join(folder, file), bytes);
  }
  return folder;
}

async function pdf(given: Case): Promise<Reading> {
  const pages = layoutPages(given.report);
  const file = put(given, "report.pdf", await reportPdf(pages, given.report, shippedFont));
  run("qpdf", ["--check", file], given.folder);
  const said = unheldWords(pages.flatMap(({ parts }) => parts.map(({ scene }) => scene)));
  return { text: wordsOfPdf(file, given.folder), said };
}

const docxOf = async (given: Case) =>
  put(given, "report.docx", await reportDocx(given.report, await pictures(given.report)));

async function docx(given: Case): Promise<Reading> {
  return { text: wordsOfDocument(await docxOf(given), "docx", given.folder), said: [] };
}

/** Little pictures come from the fonts of the machine that prints; everything else from ours or its own. */
async function docxPrinted(given: Case): Promise<Reading> {
  const file = await docxOf(given);
  const profile = `-env:UserInstallation=file://${given.folder}/office`;
  run("soffice", [profile, "--headless", "--convert-to", "pdf:writer_pdf_Export", file, "--outdir", "printed"], given.folder); // prettier-ignore
  const pictured = heldBy(given.report).words.filter((word) =>
    /\p{Extended_Pictographic}/u.test(word),
  );
  return { text: wordsOfPdf("printed/report.pdf", given.folder), said: pictured };
}

async function html(given: Case): Promise<Reading> {
  const file = put(given, "report.html", await reportHtml(given.report, noFonts));
  if (isThere("tidy")) run("tidy", ["-e", "-q", file], given.folder, [1]);
  return { text: wordsOfDocument(file, "html", given.folder), said: [] };
}

async function markdown(given: Case): Promise<Reading> {
  const folder = unpack(given, "markdown", reportMarkdownZip(given.report, await pictures(given.report))); // prettier-ignore
  return { text: wordsOfDocument("report.md", "markdown", folder), said: [] };
}

const tex =
  (engine: "pdflatex" | "lualatex") =>
  async (given: Case): Promise<Reading> => {
    const files = await reportTexZip(given.report, shippedFont);
    const folder = unpack(given, engine, files);
    const source = Buffer.from(unzipSync(files)["report.tex"]!).toString();
    run(engine, ["-interaction=nonstopmode", "-halt-on-error", "report.tex"], folder);
    return {
      text: wordsOfPdf("report.pdf", folder),
      said: saidBy(source, JSON.stringify(shownNodes(given.report)).split(/[\s"]+|\\n/)),
      drawn: true,
    };
  };

async function svg(given: Case): Promise<undefined> {
  for (const [place, picture] of await pictures(given.report)) {
    const file = put(given, `picture${place}.svg`, picture.svg);
    run("xmllint", ["--noout", file], given.folder);
    if (isThere("rsvg-convert")) run("rsvg-convert", ["-o", `${file}.png`, file], given.folder);
  }
}

/** The cells of a CSV as Python reads them where it is there, and as a reader of the registry does elsewhere. */
function csvCells(csv: string, { decimalMark }: HouseRules, folder: string) {
  if (!isThere("python3")) return Papa.parse<string[]>(csv.slice(1)).data;
  writeFileSync(join(folder, "table.csv"), csv);
  return cellsOfCsv("table.csv", decimalMark === "comma" ? ";" : ",", folder);
}

async function tables({ document, folder }: Case): Promise<undefined> {
  const evaluated = evaluateTables(document);
  const workbook = new ExcelJS.Workbook();
  const xlsx = await tablesXlsx(new ExcelJS.Workbook(), evaluated, document.houseRules);
  writeFileSync(join(folder, "tables.xlsx"), new Uint8Array(xlsx));
  await workbook.xlsx.load(xlsx);
  const parts = unzipSync(new Uint8Array(xlsx));
  for (const [name, bytes] of Object.entries(parts)) {
    if (!name.endsWith(".xml")) continue;
    writeFileSync(join(folder, "part.xml"), bytes);
    run("xmllint", ["--noout", "--huge", "part.xml"], folder);
  }
  const elsewhere = readsWorkbooks() ? cellsOfWorkbook("tables.xlsx", folder) : undefined;
  evaluated.forEach((table, at) => {
    const { cells } = tableCells(table, document.houseRules);
    const data = csvCells(tableCsv(table, document.houseRules), document.houseRules, folder);
    cells.forEach((row, r) =>
      row.forEach((text, c) => {
        if ((data[r]?.[c] ?? "").replace(/^'/, "") !== text.replace(/^'/, ""))
          throw new Error(
            `CSV, row ${r + 1}, column ${c + 1}: ${data[r]?.[c]} in place of ${text}`,
          );
        const shown = workbook.worksheets[at]!.getCell(r + 1, c + 1).value;
        const number = Number(text.replace(",", "."));
        const read = elsewhere?.[at]?.[r]?.[c] ?? "";
        if (elsewhere && (typeof read === "number" ? read !== number : read !== text))
          throw new Error(`openpyxl, row ${r + 1}, column ${c + 1}: ${read} in place of ${text}`);
        if (typeof shown === "number" ? shown !== number : String(shown ?? "") !== text)
          throw new Error(`XLSX, row ${r + 1}, column ${c + 1}: ${String(shown)} in place of ${text}`); // prettier-ignore
      }),
    );
  });
}

async function json({ document }: Case): Promise<undefined> {
  const read = readInvestigationFile(investigationJson(document));
  const back = read.kind === "document" ? JSON.stringify(read.document) : "";
  if (back !== JSON.stringify(document)) throw new Error("the investigation came back unlike");
}

export const formats: readonly Format[] = [
  { name: "PDF", needs: ["qpdf", "pdftotext"], read: pdf },
  { name: "DOCX", needs: ["pandoc"], read: docx },
  { name: "DOCX printed", needs: ["soffice", "pdftotext"], read: docxPrinted },
  { name: "HTML", needs: ["pandoc"], read: html },
  { name: "Markdown", needs: ["pandoc"], read: markdown },
  { name: "TeX by pdfLaTeX", needs: ["pdflatex", "pdftotext"], read: tex("pdflatex") },
  { name: "TeX by LuaLaTeX", needs: ["lualatex", "pdftotext"], read: tex("lualatex") },
  { name: "SVG", needs: ["xmllint"], read: svg },
  { name: "CSV and XLSX", needs: ["xmllint"], read: tables },
  { name: "figure as PDF", needs: ["qpdf", "pdftotext"], read: figurePdfs },
  { name: "figure as TeX", needs: ["pdflatex", "lualatex", "pdftotext"], read: figureTexts },
  { name: "figure as PNG", needs: ["chromium"], read: figurePngs },
  { name: "JSON", needs: [], read: json },
];
