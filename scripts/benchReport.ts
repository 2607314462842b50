/** Part of `npm run bench`: a write-up with six tables and six figures, from a reading to its pages and files. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { typeReadings } from "../src/investigation/acts/typeReadings";
import { perform } from "../src/investigation/history/edit";
import type { Investigation } from "../src/investigation/model/investigation";
import { picturesOf } from "../src/output/documents/pictures";
import { reportDocx } from "../src/output/documents/reportDocx";
import { layoutPages } from "../src/output/pages/layoutPages";
import { buildReport } from "../src/output/report/buildReport";
import { reportContext } from "../src/output/report/reportContext";
import { reportPdf } from "../src/output/pdf/reportPdf";
import { largeWriteUp } from "./largeWriteUp";
import { timed } from "./timing";

const reportFrom = (document: Investigation) => buildReport(reportContext(document, new Map()));
const font = async (file: string) => readFileSync(join("public/fonts", file));
const onePoint = async () => new Uint8Array(8);

let document = largeWriteUp();
const began = performance.now();
const pages = layoutPages(reportFrom(document));
const first = performance.now() - began;
const after = timed((turn) => {
  const readings = [{ row: "row7", cell: "time", text: `12.${10 + (turn % 80)}` }];
  document = perform(document, typeReadings, { readings }).document;
  return layoutPages(reportFrom(document));
}, 21);
console.log(
  `write-up of 6 tables and 6 figures: ${pages.length} pages, at first ${first.toFixed(0)} ms (aim 300 ms), ` +
    `after one edit ${after.toFixed(0)} ms (aim 100 ms), both without drawing`,
);

const report = reportFrom(document);
for (const [kind, make] of [
  ["PDF", () => reportPdf(layoutPages(report), report, font)],
  [
    "DOCX",
    async () =>
      reportDocx(report, await picturesOf(report, { rasterise: onePoint, fonts: async () => "" })),
  ],
] as const) {
  await make();
  const start = performance.now();
  const { length } = await make();
  const took = performance.now() - start;
  console.log(`${kind}: ${took.toFixed(0)} ms, ${(length / 1024).toFixed(0)} kB (aim 2000 ms)`);
}
