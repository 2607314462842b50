/** `npm run bench:ui`: from a key pressed in a reading to what it changes on the screen, in the real browser; not a test. */
import type { Page } from "@playwright/test";
import { block, dragging, keyTimes, type PasteTook, plotAll, startWith } from "./benchHands";
import { benchSlow } from "./benchSlow";
import { drawBoard, medianOf, writeUp } from "./benchOpening";
import { takeOutBiggest } from "./benchFiles";
import { enter, launchBrowser } from "./browser";

const place = process.env.PLACE_URL ?? "";

async function memory(page: Page): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send("HeapProfiler.collectGarbage");
  const { usedSize } = await session.send("Runtime.getHeapUsage");
  await session.detach();
  return usedSize / 1_048_576;
}

const frameAim = 16.7;

const browser = await launchBrowser();
if (process.argv.includes("--slow")) {
  await benchSlow(browser, place);
  await browser.close();
  process.exit(0);
}
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await enter(page, place);
for (const [rows, columns, aim] of [
  [12, 6, 16.7],
  [50, 12, 16.7],
  [2000, 6, 50],
  [20_000, 6, 50],
] as const) {
  const pastes: PasteTook[] = [];
  for (let turn = 0; turn < 5; turn++)
    pastes.push(await startWith(page, place, block(rows, columns)));
  const paste = medianOf(pastes.map(({ whole }) => whole));
  const frozen = medianOf(pastes.map((one) => one.frozen));
  const times = await keyTimes(page, '[role="grid"]');
  const middle = times[Math.floor(times.length / 2)] as number;
  const slow = times[Math.floor(times.length * 0.95)] as number;
  console.log(
    `${rows} rows × ${columns}: key → drawn median ${middle.toFixed(1)} ms, 95 % below ${slow.toFixed(1)} ms ` +
      `(${(middle / aim).toFixed(2)} of the aim of ${aim} ms); paste ${paste.toFixed(0)} ms, ` +
      `longest freeze ${frozen.toFixed(0)} ms, medians of 5; ${(await memory(page)).toFixed(0)} MB`,
  );
}
for (const [rows, columns] of [
  [1000, 2],
  [20_000, 2],
  [20_000, 6],
  [20_000, 51],
] as const) {
  await startWith(page, place, block(rows, columns));
  const count = await plotAll(page);
  const { median, slow } = await dragging(
    page,
    page.getByRole("slider", { name: "Horizontal axis" }),
  );
  console.log(
    `panning ${count} points: frame median ${median.toFixed(1)} ms, 95 % below ${slow.toFixed(1)} ms ` +
      `(${(median / frameAim).toFixed(2)} of the aim of ${frameAim} ms)`,
  );
}
await startWith(page, place, block(50, 2));
await plotAll(page);
await drawBoard(page);
await page.getByRole("link", { name: "Slope" }).first().click();
await page.getByRole("button", { name: "Lay a straightedge" }).click();
const edge = await dragging(
  page,
  page.getByRole("button", { name: /Straightedge 1, first handle/ }),
);
console.log(
  `dragging a straightedge over 50 boxes: frame median ${edge.median.toFixed(1)} ms, 95 % below ${edge.slow.toFixed(1)} ms ` +
    `(${(edge.median / frameAim).toFixed(2)} of the aim of ${frameAim} ms)`,
);
await writeUp(page, place, "clamped rule");
await writeUp(page, place, "6 tables and 6 figures");
await takeOutBiggest(page, place);
await browser.close();
