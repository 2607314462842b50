/** Part of `npm run bench:ui`: the biggest report from the click to its file, in the browser's worker, pictures drawn. */
import type { Page } from "@playwright/test";
import { investigationJson } from "../src/output/investigationJson";
import { biggestReport } from "./biggestReport";

const aims = { PDF: 4000, DOCX: 3000 } as const;
/** A file of so many seconds is still waited for. */
const patience = 120_000;

/** From now on the page knows the longest stretch in which it answered nothing. */
async function watchFreezes(page: Page): Promise<void> {
  await page.evaluate(() => {
    const place = window as never as { longestFreeze: number };
    place.longestFreeze = 0;
    let last = performance.now();
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      place.longestFreeze = Math.max(place.longestFreeze, performance.now() - last);
      last = performance.now();
      channel.port2.postMessage(0);
    };
    channel.port2.postMessage(0);
  });
}

/** Megabytes of heap of the page and of its workers, as far as they tell. */
async function heap(page: Page): Promise<number> {
  const used = () => {
    const { memory } = performance as never as { memory?: { usedJSHeapSize: number } };
    return memory ? memory.usedJSHeapSize / 1e6 : 0;
  };
  const all = [page.evaluate(used), ...page.workers().map((worker) => worker.evaluate(used))];
  const sizes = await Promise.all(all.map((one) => one.catch(() => 0)));
  return sizes.reduce((sum, size) => sum + size, 0);
}

/** Takes the biggest report out as PDF and as DOCX; prints how long each took and how long the page stood still. */
export async function takeOutBiggest(page: Page, place: string): Promise<void> {
  await page.goto(`${place}/shelf`);
  await page.getByRole("button", { name: "Bring in an investigation" }).click();
  const buffer = Buffer.from(investigationJson(biggestReport()));
  await page.getByLabel("File").setInputFiles({ name: "big.json", mimeType: "application/json", buffer }); // prettier-ignore
  await page.getByRole("grid").waitFor();
  await page.getByRole("link", { name: "Write up" }).first().click();
  await page.getByRole("button", { name: "PDF", exact: true }).waitFor();
  await page.waitForTimeout(5000);
  for (const [kind, aim] of Object.entries(aims)) {
    const before = await heap(page);
    let top = before;
    const watching = setInterval(() => void heap(page).then((now) => (top = Math.max(top, now))), 200); // prettier-ignore
    await watchFreezes(page);
    const began = performance.now();
    const download = page.waitForEvent("download", { timeout: patience });
    await page.getByRole("button", { name: kind, exact: true }).click();
    await (await download).path();
    const took = performance.now() - began;
    clearInterval(watching);
    const frozen = await page.evaluate(() => (window as never as { longestFreeze: number }).longestFreeze); // prettier-ignore
    console.log(
      `biggest report as ${kind} in the browser: ${took.toFixed(0)} ms (aim ${aim}), longest freeze of the page ` +
        `${frozen.toFixed(0)} ms, ${(top - before).toFixed(0)} MB of heap above what was there`,
    );
  }
}
