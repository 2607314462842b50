import { unzipSync } from "fflate";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { samples } from "@/investigation/samples/samples";
import { reportHtml } from "@/output/documents/reportHtml";
import { reportMarkdown } from "@/output/documents/reportMarkdown";
import { reportDocx } from "@/output/documents/reportDocx";
import { reportTexFiles } from "@/output/documents/reportTex";
import { layoutPages } from "@/output/pages/layoutPages";
import { plottedCsv, plottedTable } from "@/output/plottedCells";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { plainRunText } from "@/core/unit/runText";
import { speak, speaking } from "@/wording/language/spoken";
import { reportOf } from "../fixtures/sampleReport";
import { unsaid } from "../fixtures/unsaid";

beforeAll(() => speak("pseudo"));
afterAll(() => speak("en"));

const made = (name: keyof typeof samples) => {
  const document = samples[name]();
  return { document, ...reportOf(document) };
};

/** The words of a page of HTML or of a word processor, without its tags, its style and its formulas. */
const wordsIn = (markup: string) =>
  markup
    .replace(/<style[\s\S]*?<\/style>|<m:oMath>[\s\S]*?<\/m:oMath>|<math[\s\S]*?<\/math>/g, " ")
    .replace(/<w:instrText[\s\S]*?<\/w:instrText>|<wp:docPr[^>]*>/g, " ")
    .replace(/<[^>]*>/g, " ")
    .replace(/&[a-z#0-9x]+;/gi, " ");

describe.each(Object.keys(samples) as (keyof typeof samples)[])(
  "%s in the pseudo-locale",
  (name) => {
    test("its pages, its figures and what is read out of them say nothing that no catalogue holds", () => {
      const { report } = made(name);
      const parts = layoutPages(report).flatMap((page) => page.parts);
      const words = parts.flatMap(({ scene, path }) =>
        path.some(({ role }) => role === "Formula" || role === "Figure")
          ? []
          : scene.shapes.flatMap((shape) => (shape.kind === "text" ? shape.runs : [])),
      );
      expect(unsaid(words.map(({ text }) => text).join(" "))).toEqual([]);
      const heard = parts.flatMap(({ path }) => (path.at(-1)?.role === "Figure" ? path : []));
      expect(heard.length).toBeGreaterThan(0);
      for (const { alt = "" } of heard) expect(unsaid(alt)).toEqual([]);
      for (const { shown, typed } of report.blocks) {
        for (const node of [...typed, ...shown]) {
          if (node.kind !== "figure") continue;
          const drawn = layoutFigure(node.figure).shapes.map((shape) =>
            shape.kind === "text" ? shape.runs.map(({ text }) => text).join("") : "",
          );
          expect(unsaid(drawn.join(" "))).toEqual([]);
        }
      }
    });

    test("its files for browsers, word processors, editors and TeX say nothing that no catalogue holds", async () => {
      const { report } = made(name);
      const html = await reportHtml(report, () => Promise.resolve(""));
      expect(unsaid(wordsIn(html))).toEqual([]);
      const docx = unzipSync(await reportDocx(report, new Map()));
      expect(unsaid(wordsIn(Buffer.from(docx["word/document.xml"]!).toString()))).toEqual([]);
      const markdown = reportMarkdown(report).replace(/\$+[^$]*\$+|\]\([^)]*\)/g, " ");
      expect(unsaid(markdown)).toEqual([]);
      const tex = reportTexFiles(report)["report.tex"]!;
      const captions = [...tex.matchAll(/\\(?:caption|section\*)\{(.*?)\}(?:\\label|$)/gm)].map(
        ([, text]) => text!,
      );
      expect(captions.length).toBeGreaterThan(3);
      for (const caption of captions)
        expect(unsaid(caption.replace(/\\further\{[^}]*\}|\\\w+/g, " "))).toEqual([]);
    });

    test("the tables of what is plotted say nothing that no catalogue holds", () => {
      const { document } = made(name);
      for (const figure of Object.values(document.figures)) {
        const fit = fitFigure(evaluateTables(document), figure, document.houseRules);
        if (!fit) continue;
        expect(unsaid(plottedCsv(fit, document.houseRules))).toEqual([]);
        const cells = plottedTable(fit, document.houseRules).flat().map(plainRunText);
        expect(unsaid(cells.join(" "))).toEqual([]);
      }
    });
  },
);

test("a word outside the catalogues would be found", () => {
  expect(unsaid("⟪Súmmé ⟪óf⟫~~⟫ total 12 mm")).toEqual(["total"]);
  expect(unsaid("⟪Súmmé~~⟫⟫ total")).toHaveLength(1);
  expect(speaking("en", () => unsaid("plain words"))).toEqual(["plain", "words"]);
});

test("words of no catalogue are found beside brackets and, given to a message as a value, within them", () => {
  expect(unsaid("⟪Lévél éxpéctéd~~⟫ 12 cm")).toEqual([]);
  expect(unsaid("⟪Á lábél~~⟫ Legend")).toEqual(["Legend"]);
  expect(unsaid("⟪Éqúátíón óf thé steepest líné~~⟫")).toEqual(["steepest"]);
  expect(unsaid("⟪óné~~⟫⟫")).toHaveLength(1);
});
