import { sheet } from "../../../tests/fixtures/sheet";
import { execFileSync } from "node:child_process";
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { unzipSync } from "fflate";
import { PDFDict, PDFDocument, PDFHexString, PDFName } from "pdf-lib";
import type { Investigation } from "@/investigation/model/investigation";
import { describeBlock } from "@/investigation/acts/describeBlock";
import { perform } from "@/investigation/history/edit";
import { samples } from "@/investigation/samples/samples";
import { onePoint } from "../../../tests/fixtures/onePoint";
import { shippedFont } from "../../../tests/fixtures/shippedFont";
import { reportOf } from "../../../tests/fixtures/sampleReport";
import { layoutPages } from "../pages/layoutPages";
import { reportPdf } from "../pdf/reportPdf";
import { picturesOf } from "./pictures";
import { reportDocx } from "./reportDocx";
import { reportHtml } from "./reportHtml";
import { reportMarkdownZip } from "./reportMarkdown";
import { reportTexFiles } from "./reportTex";

jest.setTimeout(90_000);

const folder = mkdtempSync(join(tmpdir(), "report-"));
const noFonts = async () => "";

const run = (program: string, ...args: readonly string[]) =>
  execFileSync(program, [...args], { encoding: "utf8", stdio: ["ignore", "pipe", "ignore"] });

function file(name: string, content: Uint8Array | string): string {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}

const flat = (text: string) => text.replace(/\s+/g, " ");

/** What every kind of file must hold of the clamped rule, as the page does. */
const numbers = [
  "0.200",
  "12.50",
  "0.79 ± 0.02",
  "12.49",
  "(200 ± 20) GPa",
  "3.3 % low",
  "Table 3",
];
const sample = () => reportOf(samples.clampedRule()).report;
const pictures = () => picturesOf(sample(), { rasterise: async () => onePoint, fonts: noFonts });

describe("the report as PDF", () => {
  const made = async (document: Investigation) => {
    const { report } = reportOf(document);
    return file("report.pdf", await reportPdf(layoutPages(report), report, shippedFont));
  };

  test("holds the numbers of the page, and every font is inside", async () => {
    const path = await made(samples.clampedRule());
    const text = flat(run("pdftotext", "-layout", path, "-"));
    for (const number of numbers) expect(text).toContain(number);
    const fonts = run("pdffonts", path).trim().split("\n").slice(2);
    for (const font of fonts) expect(font).toMatch(/ yes +(yes|no) +yes /);
  });

  test("is tagged: headings, cells of tables, figures and formulas that say what they show", async () => {
    const path = await made(samples.clampedRule());
    expect(run("pdfinfo", path)).toMatch(/Tagged: +yes/);
    const structure = run("pdfinfo", "-struct-text", path);
    for (const part of ["H1", "H2", "Table", "TR", "TH", "TD", "Caption", "Figure", "Formula"]) {
      expect(structure).toMatch(new RegExp(`^ *${part}\\b`, "m"));
    }
    const { context } = await PDFDocument.load(readFileSync(path));
    const told = context.enumerateIndirectObjects().flatMap(([, one]) => {
      const alt = one instanceof PDFDict ? one.get(PDFName.of("Alt")) : undefined;
      return alt instanceof PDFHexString ? [alt.decodeText()] : [];
    });
    expect(told).toContainEqual(expect.stringContaining("7 points"));
    expect(told).toContain("E = (200 ± 20) GPa");
    expect(run("pdftotext", path, "-")).toContain("To find the stiffness (Young modulus)");
  });

  test("is without a fault for a program that takes it apart, and each cell and formula is an element", async () => {
    const path = await made(samples.clampedRule());
    expect(run("qpdf", "--check", path)).toContain("No syntax or stream encoding errors found");
    const structure = run("pdfinfo", "-struct-text", path);
    const tables = structure.split(/^ *Table\b.*$/m).slice(1);
    const [head = "", ...rows] = tables[0]!.split(/^ *TR\b.*$/m).slice(1);
    expect(head.match(/^ *TH\b/gm)).toHaveLength(2);
    expect(head).toMatch(/ColSpan 4/);
    expect(rows.at(-1)!.match(/^ *TD\b/gm)!.length).toBeGreaterThanOrEqual(5);
    expect(flat(run("pdftotext", path, "-"))).toContain("(Young modulus) E of the steel");
  });

  test("letters of mathematics and Greek come out as letters", async () => {
    const document = samples.dischargingCapacitor();
    const [id] = Object.entries(document.writeUp.blocks).find(([, one]) => one.section === "aim")!;
    const text = [{ kind: "paragraph", inlines: [{ kind: "text", text: "So ≈ 4.6 → τ ≤ 50 s, Ω." }] }] as const; // prettier-ignore
    const changed = perform(document, describeBlock, { block: id, change: { text } }).document;
    expect(run("pdftotext", await made(changed), "-")).toContain("So ≈ 4.6 → τ ≤ 50 s, Ω.");
  });
});

describe("the report for word processors", () => {
  test("opens elsewhere with the same numbers, its formulas and its fields", async () => {
    const path = file("report.docx", await reportDocx(sample(), await pictures()));
    run("soffice", "--headless", "--convert-to", "pdf", path, "--outdir", folder);
    const text = flat(run("pdftotext", "-layout", join(folder, "report.pdf"), "-"));
    for (const number of numbers.filter((one) => !one.includes("GPa"))) {
      expect(text).toContain(number);
    }
    expect(text.replace(/\s/g, "")).toContain("(200±20)GPa");
  });

  test("a formula that goes on in a second line shows no mark of a fault elsewhere", async () => {
    const { report } = reportOf(samples.bariumHydroxide());
    const path = file("broken.docx", await reportDocx(report, new Map()));
    run("soffice", "--headless", "--convert-to", "pdf", path, "--outdir", folder);
    const text = run("pdftotext", "-layout", join(folder, "broken.pdf"), "-");
    expect(text).toMatch(/^[\s\u200b]*= ?6\.9× ?10/m);
    expect(text).not.toContain("¿");
  });

  test("holds real tables, Office Math, vectors with points behind them, and fields", async () => {
    const parts = unzipSync(await reportDocx(sample(), await pictures()));
    const xml = Buffer.from(parts["word/document.xml"]!).toString("utf8");
    run("xmllint", "--noout", file("document.xml", xml));
    expect(xml.match(/<w:tbl>/g)).toHaveLength(3);
    expect(xml).toContain("<m:f>");
    expect(xml).toContain("<m:rad>");
    expect(xml).toContain("SEQ Table");
    expect(xml).toContain("REF figure_main");
    expect(xml).toContain("svgBlip");
    const media = Object.keys(parts).filter((name) => name.startsWith("word/media/"));
    expect(media.some((name) => name.endsWith(".svg"))).toBe(true);
    expect(media.some((name) => name.endsWith(".png"))).toBe(true);
  });

  test("units stand upright, and no row of a short table is left alone on a page", async () => {
    const parts = unzipSync(await reportDocx(sample(), await pictures()));
    const xml = Buffer.from(parts["word/document.xml"]!).toString("utf8");
    const upright = (text: string) =>
      `<m:r><m:rPr><m:nor m:val="1"/></m:rPr><m:t>${text}</m:t></m:r>`;
    for (const unit of ["s", "m", "mm", "GPa"]) expect(xml).toContain(upright(unit));
    expect(xml).not.toContain(upright("L"));
    const [readings] = xml.match(/<w:tbl>.*?<\/w:tbl>/)!;
    const rows = readings.split("<w:tr>").slice(1);
    const kept = rows.map((one) => /<w:pStyle w:val="cell\d+kept"\/>/.test(one));
    expect(kept).toEqual(rows.map((_, row) => row < rows.length - 1));
  });
});

describe("formulas and tables for word processors", () => {
  const xmlOf = async (document: Investigation) => {
    const { report } = reportOf(document);
    const made = await reportDocx(
      report,
      await picturesOf(report, { rasterise: async () => onePoint, fonts: noFonts }),
    );
    return Buffer.from(unzipSync(made)["word/document.xml"]!).toString("utf8");
  };

  test("a magnitude has bars that grow with it, and nothing is raised over an empty place", async () => {
    const xml = await xmlOf(samples.fadingCross());
    expect(xml).toContain('<m:begChr m:val="|"/><m:endChr m:val="|"/>');
    expect(xml).not.toMatch(/<m:e\/>|<m:e><\/m:e>/);
    const warmed = sheet(
      {
        a: { unit: "°C", readings: ["40.5"] },
        b: { unit: "°C", readings: ["20.0"] },
        d: { formula: "a - b" },
      },
      { blocks: [{ kind: "example", of: "d" }] },
    );
    expect(await xmlOf(warmed)).toMatch(/<m:t>°<\/m:t>/);
  });

  test("a column is as wide as its words, and the table no wider than the page", async () => {
    const xml = await xmlOf(samples.fadingCross());
    const grids = [...xml.matchAll(/<w:tblGrid>(.*?)<\/w:tblGrid>/g)].map(([, grid]) =>
      [...grid!.matchAll(/w:w="(\d+)"/g)].map(([, width]) => Number(width)),
    );
    const [, processed] = grids;
    expect(processed![3]).toBeGreaterThan(1.3 * processed![0]!);
    for (const widths of grids) {
      expect(widths.reduce((sum, width) => sum + width)).toBeLessThanOrEqual((595 - 132) * 20);
    }
  });
});

describe("the report as a web page", () => {
  test("is one file of well-formed markup without scripts, with the same numbers", async () => {
    const html = await reportHtml(sample(), noFonts);
    expect(html).not.toMatch(/<script|https?:\/\/(?!www\.w3\.org)/);
    const path = file("report.html", html);
    const text = flat(run("pandoc", "-f", "html", "-t", "plain", "--wrap=none", path));
    for (const number of numbers.filter((one) => !one.includes("GPa"))) expect(text).toContain(number); // prettier-ignore
    expect(html).toContain('<a href="#figure-main">Figure\u00a01</a>');
    const ids = [...html.matchAll(/<figure id="([^"]+)"/g)].map(([, id]) => id);
    expect(ids).toContain("figure-main");
    run("xmllint", "--html", "--noout", path);
  });

  test("typed markup stays words", async () => {
    const document = samples.clampedRule();
    document.title = '<img src=x onerror="alert(1)">';
    const html = await reportHtml(reportOf(document).report, noFonts);
    expect(html).not.toContain("<img");
    expect(html).toMatch(/&(?:lt|#x3C);img src=x/);
  });
});

describe("the report as TeX", () => {
  test.each(Object.keys(samples) as (keyof typeof samples)[])(
    "of %s is read by another program",
    (name) => {
      const files = reportTexFiles(reportOf(samples[name]()).report);
      const text = run("pandoc", "-f", "latex", "-t", "plain", "--wrap=none", file("report.tex", files["report.tex"]!)); // prettier-ignore
      expect(text).toContain("Discussion");
      expect(Object.keys(files).some((one) => one.startsWith("figures/"))).toBe(true);
      const braces = (sign: string) => files["report.tex"]!.replace(/\\[{}]/g, "").split(sign).length; // prettier-ignore
      expect(braces("{")).toBe(braces("}"));
    },
  );

  test("holds the same numbers, labels that references point to, and figures in files of their own", () => {
    const files = reportTexFiles(sample());
    const source = files["report.tex"]!;
    const text = flat(run("pandoc", "-f", "latex", "-t", "plain", "--wrap=none", file("report.tex", source))); // prettier-ignore
    for (const number of ["0.200", "12.50", "0.79 ± 0.02", "12.49", "3.3 % low"]) {
      expect(text).toContain(number);
    }
    for (const [, to] of source.matchAll(/\\ref\{([^}]+)\}/g)) {
      expect(source).toContain(`\\label{${to}}`);
    }
    expect(source).toContain("\\input{figures/figure-1.tex}");
    expect(files["figures/figure-1.tex"]).toContain("\\addplot");
  });
});

test("the report as Markdown has its tables, formulas and pictures in one ZIP", async () => {
  const parts = unzipSync(reportMarkdownZip(sample(), await pictures()));
  const markdown = Buffer.from(parts["report.md"]!).toString("utf8");
  const links = [...markdown.matchAll(/\]\((pictures\/[^)]+)\)/g)].map(([, path]) => path!);
  expect(links).toHaveLength(2);
  for (const link of links) expect(parts[link]).toBeDefined();
  mkdirSync(join(folder, "markdown"), { recursive: true });
  const html = run("pandoc", "-f", "markdown", "-t", "html", "--mathml", file("report.md", markdown)); // prettier-ignore
  expect(html.match(/<table/g)).toHaveLength(3);
  expect(html).toContain("<math");
  const text = flat(html.replace(/<[^>]+>/g, " "));
  for (const number of ["0.200", "12.50", "0.79 ± 0.02", "12.49"]) expect(text).toContain(number);
});
