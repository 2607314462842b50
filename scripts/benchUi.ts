/** `npm run bench:ui`: from a key pressed in a reading to the figure drawn, in the real browser; not a test. */
import type { Page } from "@playwright/test";
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

async function startWith(page: Page, text: string): Promise<void> {
  await page.goto(`${place}/shelf`);
  await page.getByRole("button", { name: "Start an investigation" }).click();
  await page.getByRole("grid").waitFor();
  await page.evaluate((data) => {
    const transfer = new DataTransfer();
    transfer.setData("text/plain", data);
    document.activeElement?.dispatchEvent(
      new ClipboardEvent("paste", { clipboardData: transfer, bubbles: true, cancelable: true }),
    );
  }, text);
  await page.getByText("Pasted").waitFor();
  await page.waitForTimeout(1500);
}

/** Time from the key until the handlers have run and the figure's path has changed and been laid out. */
async function keyTimes(page: Page): Promise<number[]> {
  const times: number[] = [];
  await page.evaluate(() => {
    const place = window as never as { keyTook: number };
    let began = 0;
    window.addEventListener("keydown", () => (began = performance.now()), { capture: true });
    new MutationObserver(() => {
      document.body.getBoundingClientRect();
      place.keyTook = performance.now() - began;
    }).observe(document.querySelector("aside")!, {
      subtree: true,
      childList: true,
      attributes: true,
    });
  });
  for (let turn = 0; turn < keys; turn++) {
    await page.keyboard.press(String(1 + (turn % 9)));
    await page.waitForTimeout(120);
    times.push(await page.evaluate(() => (window as never as { keyTook: number }).keyTook));
    if (turn % 4 === 3) await page.keyboard.press("Escape");
  }
  return times.sort((a, b) => a - b);
}

const browser = await launchBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await enter(page, place);
for (const [rows, aim] of [
  [12, 16.7],
  [2000, 50],
] as const) {
  await startWith(page, block(rows, 6));
  const times = await keyTimes(page);
  const middle = times[Math.floor(times.length / 2)] as number;
  const slow = times[Math.floor(times.length * 0.95)] as number;
  console.log(
    `key → figure drawn, ${rows} rows × 6: median ${middle.toFixed(1)} ms, 95 % below ${slow.toFixed(1)} ms; ` +
      `${(middle / aim).toFixed(2)} of the aim of ${aim} ms`,
  );
}
await browser.close();
