/** Hands for `npm run bench:ui`: pasting, typing, plotting and dragging in the real browser, with what each took. */
import type { Locator, Page } from "@playwright/test";
import { keyTook, watchKeys } from "./benchOpening";

const keys = 40;

export function block(rows: number, columns: number): string {
  const headings = Array.from({ length: columns }, (_, i) => `a_${i} / m`).join("\t");
  const lines = Array.from({ length: rows }, (_, n) =>
    Array.from({ length: columns }, (_, i) => (n * (i + 1) + 0.5).toFixed(1)).join("\t"),
  );
  return [headings, ...lines].join("\n");
}

/** How long a paste took until it was said and its rows were drawn, and the longest stretch in which the page answered nothing. */
export interface PasteTook {
  readonly whole: number;
  readonly frozen: number;
}

export async function startWith(page: Page, place: string, text: string): Promise<PasteTook> {
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
export async function keyTimes(page: Page, watched: string): Promise<number[]> {
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

/** Plots the second column against the first, and all further ones with it; gives the number of points. */
export async function plotAll(page: Page): Promise<number> {
  await page.getByRole("link", { name: "Plot" }).first().click();
  for (const [axis, place] of [
    ["Along the horizontal axis", 0],
    ["Up the vertical axis", 1],
  ] as const) {
    await page.getByRole("button", { name: axis }).click();
    await page.getByRole("listbox").getByRole("option").nth(place).click();
  }
  await page.getByTestId("pointed").waitFor();
  const further = page.getByRole("group", { name: "On the same paper" }).getByRole("checkbox");
  for (const tick of await further.all()) await tick.click();
  await page.waitForTimeout(3000);
  const words = await page.getByRole("img").first().getAttribute("aria-label");
  return Number(/([\d\s]+) points/.exec(words ?? "")?.[1]?.replace(/\s/g, ""));
}

/** Drags something on the figure to and fro; the time from one frame to the next. */
export async function dragging(
  page: Page,
  held: Locator,
): Promise<{ median: number; slow: number }> {
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
