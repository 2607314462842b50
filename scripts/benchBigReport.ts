/** Part of `npm run bench`: the biggest report, 30 tables of 200 rows and 20 figures, from its pages to its files. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { getHeapStatistics } from "node:v8";
import { picturesOf } from "../src/output/documents/pictures";
import { reportDocx } from "../src/output/documents/reportDocx";
import { layoutPages } from "../src/output/pages/layoutPages";
import { reportPdf } from "../src/output/pdf/reportPdf";
import { biggestReport } from "./biggestReport";
import { buildReport } from "../src/output/report/buildReport";
import { reportContext } from "../src/output/report/reportContext";

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

const report = buildReport(reportContext(biggestReport(), new Map()));
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
