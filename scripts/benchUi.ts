/** `npm run bench:ui`: from a key pressed in a reading to what it changes on the screen, in the real browser; not a test. */
import type { Locator, Page } from "@playwright/test";
import { drawBoard, keyTook, medianOf, watchKeys, writeUp } from "./benchOpening";
import { takeOutBiggest } from "./benchFiles";
import { enter, launchBrowser } from "./browser";

const place = process.env.PLACE_URL ?? "";
const keys = 40;

function block(rows: number, columns: number): string {
  const headings = Array.from({ length: columns }, (_, i) => `a_${i} / m`).join("\t");
  const lines = Array.from({ length: rows }, (_, n) =>
    Array.from({ length: columns }, (_, i) => (n * (i + 1) + 0.5).toFixed(1)).join("\t"),
  );
  return [headings, ...lines].join("\n");
}

/** How long a paste took until it was said and its rows were drawn, and the longest stretch in which the page answered nothing. */
interface PasteTook {
  readonly whole: number;
  readonly frozen: number;
}

async function startWith(page: Page, text: string): Promise<PasteTook> {
  await page.goto(`${place}/shelf`);
  await page.getByRole("button", { name: "Start an investigation" }).click();
  await page.getByRole("grid").waitFor();
  await page.waitForTimeout(1500);
  const took = await page.evaluate(async (data) => {
    const transfer = new DataTransfer();
    transfer.setData("text/plain", data);
    let frozen = 0;
    let last = performance.now();
    let watching = true;
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      frozen = Math.max(frozen, performance.now() - last);
      last = performance.now();
      if (watching) channel.port2.postMessage(0);
    };
    channel.port2.postMessage(0);
    const began = performance.now();
    document.activeElement?.dispatchEvent(
      new ClipboardEvent("paste", { clipboardData: transfer, bubbles: true, cancelable: true }),
    );
    const rows = data.split("\n").length - 1;
    while (
      !document.body.textContent?.includes("Pasted") ||
      !(Number(document.querySelector('[role="grid"]')?.getAttribute("aria-rowcount")) > rows) ||
      !document.querySelector('[aria-rowindex="9"] [role="gridcell"]')
    ) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
    }
    const whole = performance.now() - began;
    await new Promise((resolve) => setTimeout(resolve, 1500));
    watching = false;
    return { whole, frozen };
  }, text);
  return took;
}

/** Time from the key until the handlers have run and the grid's cell is drawn and laid out. */
async function keyTimes(page: Page, watched: string): Promise<number[]> {
  const times: number[] = [];
  await watchKeys(page, watched);
  for (let turn = 0; turn < keys; turn++) {
    await page.keyboard.press(String(1 + (turn % 9)));
    await page.waitForTimeout(250);
    times.push(await keyTook(page));
    if (turn % 4 === 3) await page.keyboard.press("Escape");
  }
  return times.sort((a, b) => a - b);
}

async function memory(page: Page): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send("HeapProfiler.collectGarbage");
  const { usedSize } = await session.send("Runtime.getHeapUsage");
  await session.detach();
  return usedSize / 1_048_576;
}

const frameAim = 16.7;

/** Plots the second column against the first, and all further ones with it; gives the number of points. */
async function plotAll(page: Page): Promise<number> {
  await page.getByRole("link", { name: "Plot" }).first().click();
  for (const [axis, place] of [
    ["Along the horizontal axis", 0],
    ["Up the vertical axis", 1],
  ] as const) {
    await page.getByRole("button", { name: axis }).click();
    await page.getByRole("option").nth(place).click();
  }
  await page.getByTestId("pointed").waitFor();
  const further = page.getByRole("group", { name: "On the same paper" }).getByRole("checkbox");
  for (const tick of await further.all()) await tick.click();
  await page.waitForTimeout(3000);
  const words = await page.getByRole("img").first().getAttribute("aria-label");
  return Number(/(\d+) points/.exec(words ?? "")?.[1]);
}

/** Drags something on the figure to and fro; the time from one frame to the next. */
async function dragging(page: Page, held: Locator): Promise<{ median: number; slow: number }> {
  const box = await held.boundingBox();
  if (!box) throw new Error("nothing is in sight to be dragged");
  await page.evaluate(`
    window.frameTimes = [];
    let last = performance.now();
    requestAnimationFrame(function step(now) {
      window.frameTimes.push(now - last);
      last = now;
      requestAnimationFrame(step);
    });
  `);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.evaluate(() => ((window as never as { frameTimes: number[] }).frameTimes.length = 0));
  for (let turn = 0; turn < 120; turn++) {
    await page.mouse.move(x + 60 * Math.sin(turn / 10), y);
  }
  const frames = await page.evaluate(
    () => (window as never as { frameTimes: number[] }).frameTimes,
  );
  await page.mouse.up();
  const sorted = frames.sort((a, b) => a - b);
  const at = (part: number) => sorted[Math.floor(sorted.length * part)] as number;
  return { median: at(0.5), slow: at(0.95) };
}

const browser = await launchBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await enter(page, place);
for (const [rows, columns, aim] of [
  [12, 6, 16.7],
  [50, 12, 16.7],
  [2000, 6, 50],
  [20_000, 6, 50],
] as const) {
  const pastes: PasteTook[] = [];
  for (let turn = 0; turn < 5; turn++) pastes.push(await startWith(page, block(rows, columns)));
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
  await startWith(page, block(rows, columns));
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
await startWith(page, block(50, 2));
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
