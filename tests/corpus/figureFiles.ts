import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { buildSync } from "esbuild";
import { chromium } from "@playwright/test";
import sharp from "sharp";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { svgText } from "@/figure/render/svgText";
import type { FigureSpecification } from "@/figure/specification";
import { withoutCaption } from "@/output/documents/figureParts";
import { unheldWords } from "@/output/fonts/unheld";
import { figurePdf } from "@/output/pdf/figurePdf";
import { figureTex } from "@/output/tex/figureTex";
import { figureTexZip } from "@/output/tex/figureTexZip";
import { shownNodes, type Report } from "@/output/report/report";
import { unzipSync } from "fflate";
import { shippedFont } from "../fixtures/shippedFont";
import { lostWords, type Reading } from "./held";
import { run, wordsOfPdf } from "./programs";
import { saidBy } from "./saidBy";

interface Given {
  readonly report: Report;
  readonly folder: string;
}

const figuresOf = ({ report }: Given): readonly FigureSpecification[] =>
  shownNodes(report).flatMap((node) => (node.kind === "figure" ? [node.figure] : []));

/** Every word that stands in a figure as it is drawn. */
const wordsIn = (figure: FigureSpecification): readonly string[] =>
  layoutFigure(figure).shapes.flatMap((shape) =>
    shape.kind === "text" ? shape.runs.flatMap(({ text }) => text.split(/\s+/)) : [],
  );

function compare(figure: FigureSpecification, reading: Reading, place: number): void {
  const missing = lostWords(wordsIn(figure), reading);
  if (missing.length > 0) throw new Error(`figure ${place + 1} lacks ${missing.join(" ")}`);
}

/** Each figure's own PDF, read by poppler. */
export async function figurePdfs(given: Given): Promise<undefined> {
  for (const [place, figure] of figuresOf(given).entries()) {
    const file = `figure${place}.pdf`;
    const bytes = await figurePdf(layoutFigure(figure), "figure", shippedFont);
    writeFileSync(join(given.folder, file), bytes);
    run("qpdf", ["--check", file], given.folder);
    const said = unheldWords([layoutFigure(figure)]);
    compare(figure, { text: wordsOfPdf(file, given.folder), said }, place);
  }
}

/** Each figure's own TeX, set by an engine. */
export async function figureTexts(given: Given): Promise<undefined> {
  for (const [place, captioned] of figuresOf(given).entries()) {
    const figure = withoutCaption(captioned);
    const source = figureTex(figure);
    const zip = await figureTexZip(source, shippedFont);
    const files = zip ? unzipSync(zip) : {};
    for (const [name, bytes] of Object.entries(files)) {
      mkdirSync(join(given.folder, name, ".."), { recursive: true });
      writeFileSync(join(given.folder, name), bytes);
    }
    writeFileSync(join(given.folder, "figure.tex"), source);
    for (const engine of ["pdflatex", "lualatex"] as const) {
      run(engine, ["-interaction=nonstopmode", "-halt-on-error", "figure.tex"], given.folder);
      const text = wordsOfPdf("figure.pdf", given.folder);
      compare(figure, { text, said: saidBy(source, wordsIn(figure)), drawn: true }, place);
    }
  }
}

const pngMaker = () =>
  buildSync({
    stdin: {
      contents: 'import { figurePng } from "./src/output/figurePng"; globalThis.figurePng = figurePng;', // prettier-ignore
      resolveDir: process.cwd(),
    },
    bundle: true,
    format: "iife",
    write: false,
  }).outputFiles[0]!.text;

type PngMaker = (svg: string, size: { width: number; height: number }) => Promise<Blob>;

/** Each figure's PNG as the browser makes it, read by libvips: its size, its resolution, and that something is drawn. */
export async function figurePngs(given: Given): Promise<undefined> {
  const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] }); // prettier-ignore
  try {
    const page = await browser.newPage();
    await page.addScriptTag({ content: pngMaker() });
    for (const [place, figure] of figuresOf(given).entries()) {
      const scene = layoutFigure(figure);
      const bytes = await page.evaluate(
        async ({ svg, width, height }) => {
          const { figurePng } = globalThis as unknown as { figurePng: PngMaker };
          return [...new Uint8Array(await (await figurePng(svg, { width, height })).arrayBuffer())];
        },
        { svg: svgText(scene, "a figure", ""), width: scene.width, height: scene.height },
      );
      const file = join(given.folder, `figure${place}.png`);
      writeFileSync(file, Uint8Array.from(bytes));
      await checkPng(file, scene);
    }
  } finally {
    await browser.close();
  }
}

const perPoint = 300 / 72;

async function checkPng(file: string, scene: { width: number; height: number }): Promise<void> {
  const picture = sharp(readFileSync(file));
  const { width, height, density } = await picture.metadata();
  const { channels } = await picture.stats();
  const wanted = `${Math.round(scene.width * perPoint)} × ${Math.round(scene.height * perPoint)} at 300`;
  const found = `${width} × ${height} at ${density}`;
  if (wanted !== found) throw new Error(`PNG of ${found} in place of ${wanted}`);
  if (channels.every(({ min, max }) => min === max)) throw new Error("PNG shows nothing");
}
