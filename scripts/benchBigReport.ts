/** Part of `npm run bench`: the biggest report, 30 tables of 200 rows and 20 figures, from its pages to its files. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { getHeapStatistics } from "node:v8";
import { addBlocks } from "../src/investigation/acts/addBlocks";
import { addFigure } from "../src/investigation/acts/addFigure";
import { typeReadings } from "../src/investigation/acts/typeReadings";
import { perform } from "../src/investigation/history/edit";
import type { Investigation } from "../src/investigation/model/investigation";
import { clampedRule } from "../src/investigation/samples/clampedRule";
import { picturesOf } from "../src/output/documents/pictures";
import { reportDocx } from "../src/output/documents/reportDocx";
import { layoutPages } from "../src/output/pages/layoutPages";
import { reportPdf } from "../src/output/pdf/reportPdf";
import { buildReport } from "../src/output/report/buildReport";
import { reportContext } from "../src/output/report/reportContext";

const bare = { heading: "", text: [], hidden: false };
const [rows, tables, figures] = [200, 30, 20];

function biggest(): Investigation {
  let document = clampedRule();
  const readings = Array.from({ length: rows - 6 }, (_, n) => [
    { row: `more${n}`, cell: "overhang", text: (0.3 + n / 1000).toFixed(4) },
    { row: `more${n}`, cell: "time", text: (10 + n / 50).toFixed(2) },
  ]).flat();
  document = perform(document, typeReadings, { readings }).document;
  for (let i = 2; i <= figures; i++) {
    const given = { id: `figure${i}`, x: "cubed", y: "squared", like: "main" };
    document = perform(document, addFigure, given).document;
    const block = { ...bare, kind: "figure", of: given.id } as const;
    document = perform(document, addBlocks, { blocks: [{ id: `f${i}`, block }], before: null }).document; // prettier-ignore
  }
  const blocks = Array.from({ length: tables }, (_, i) => ({
    id: `t${i}`,
    block: { ...bare, kind: "readings", of: "main" } as const,
  }));
  return perform(document, addBlocks, { blocks, before: null }).document;
}

const font = async (file: string) => readFileSync(join("public/fonts", file));
const onePoint = async () => new Uint8Array(8);
const megabytes = () => getHeapStatistics().used_heap_size / 1e6;

/** Runs work and watches how high the heap stands meanwhile, at every pause. */
async function watched<Made>(work: (pause: () => void) => Promise<Made>) {
  globalThis.gc?.();
  const before = megabytes();
  let top = before;
  const look = () => void (top = Math.max(top, megabytes()));
  const timer = setInterval(look, 5);
  const began = performance.now();
  const made = await work(look);
  look();
  clearInterval(timer);
  return { made, ms: performance.now() - began, top: top - before };
}

const report = buildReport(reportContext(biggest(), new Map()));
const said = (kind: string, ms: number, top: number, aim: number) =>
  console.log(`biggest report, ${kind}: ${ms.toFixed(0)} ms (aim ${aim}), ${top.toFixed(0)} MB of heap above what was there (aim 300)`); // prettier-ignore

const pages = await watched(async () => layoutPages(report).length);
console.log(`biggest report: ${pages.made} pages laid in ${pages.ms.toFixed(0)} ms`);
const pdf = await watched((look) => reportPdf(layoutPages(report), report, font, look));
said("PDF with its pages", pdf.ms, pdf.top, 4000);
const docx = await watched(async () =>
  reportDocx(report, await picturesOf(report, { rasterise: onePoint, fonts: async () => "" })),
);
said("DOCX without drawing the pictures", docx.ms, docx.top, 3000);
