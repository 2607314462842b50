/** Part of `npm run bench:ui`: how soon Straighten and Write up stand there, and how soon a page follows a key. */
import type { Page } from "@playwright/test";
import { investigationJson } from "../src/output/investigationJson";
import { largeWriteUp } from "./largeWriteUp";

export function medianOf(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[times.length >> 1] as number;
}

/** From now on the page knows how long it took from a key until what it changes in a place was drawn and laid out. */
export async function watchKeys(page: Page, selector: string): Promise<void> {
  await page.evaluate((watched) => {
    const place = window as never as { keyTook: number };
    let began = 0;
    window.addEventListener("keydown", () => (began = performance.now()), { capture: true });
    new MutationObserver(() => {
      document.body.getBoundingClientRect();
      place.keyTook = performance.now() - began;
    }).observe(document.querySelector(watched)!, {
      subtree: true,
      childList: true,
      attributes: true,
      characterData: true,
    });
  }, selector);
}

/** How long the last key took, in ms. */
export function keyTook(page: Page): Promise<number> {
  return page.evaluate(() => (window as never as { keyTook: number }).keyTook);
}

/** From the click on a stage until things of it stand there one after the other, laid out. */
async function opening(page: Page, stage: string, ...selectors: string[]): Promise<number[]> {
  return page.evaluate(
    async ([name, all]) => {
      const link = [...document.querySelectorAll("nav a")].find((one) =>
        one.textContent?.startsWith(name),
      );
      const times: number[] = [];
      const began = performance.now();
      (link as HTMLElement).click();
      for (const seen of all) {
        while (!document.querySelector(seen)?.getBoundingClientRect().height) {
          await new Promise((resolve) => setTimeout(resolve));
        }
        times.push(performance.now() - began);
      }
      return times;
    },
    [stage, selectors] as const,
  );
}

/** From the click on Straighten until every small figure of its board stands there; the median of several times. */
export async function drawBoard(page: Page): Promise<void> {
  const times: number[] = [];
  for (let turn = 0; turn < 9; turn++) {
    times.push(...(await opening(page, "Straighten", '[aria-label="Straighten board"] svg')));
    await page.waitForTimeout(500);
    await page.getByRole("link", { name: "Plot" }).first().click();
    await page.waitForTimeout(800);
  }
  times.sort((a, b) => a - b);
  console.log(
    `board of 50 points: click → drawn median ${times[4]!.toFixed(0)} ms, slowest ${times[8]!.toFixed(0)} ms (aim 100 ms)`,
  );
}

type WriteUp = "clamped rule" | "6 tables and 6 figures";

const lastBlock: Readonly<Record<WriteUp, string>> = {
  "clamped rule": "Discussion",
  "6 tables and 6 figures": "Figure 6",
};

/** Where the investigation stands on Measure: the sample, or one that is brought in. */
async function addressOf(page: Page, place: string, which: WriteUp): Promise<string> {
  await page.goto(`${place}/shelf`);
  if (which === "clamped rule") {
    await page
      .getByRole("link", { name: /Springiness/ })
      .first()
      .click();
  } else {
    await page.getByRole("button", { name: "Bring in an investigation" }).click();
    await page.getByLabel("File").setInputFiles({
      name: "large.json",
      mimeType: "application/json",
      buffer: Buffer.from(investigationJson(largeWriteUp())),
    });
  }
  await page.getByRole("grid").waitFor();
  return page.url();
}

/** From the click on Write up until its blocks stand there, and from a key in a reading until the page in sight shows it. */
export async function writeUp(page: Page, place: string, which: WriteUp): Promise<void> {
  const address = await addressOf(page, place, which);
  const opened: number[][] = [];
  for (let turn = 0; turn < 5; turn++) {
    await page.goto(address);
    await page.getByRole("grid").waitFor();
    await page.waitForTimeout(2000);
    opened.push(
      await opening(
        page,
        "Write up",
        "article section:nth-of-type(4)",
        `article section[aria-label="${lastBlock[which]}"]`,
      ),
    );
    await page.waitForTimeout(1000);
  }
  const [screen, whole] = [0, 1].map((part) => medianOf(opened.map((times) => times[part]!)));
  await page.getByRole("button", { name: "Pages", exact: true }).click();
  await page.getByRole("button", { name: "Readings", exact: true }).click();
  await page.getByRole("gridcell", { name: /time for ten swings.*repeat 1, row 7/ }).click();
  const times: number[] = [];
  await watchKeys(page, '[data-testid="pages"] svg');
  for (let turn = 0; turn < 20; turn++) {
    await page.keyboard.press(String(1 + (turn % 9)));
    await page.waitForTimeout(700);
    times.push(await keyTook(page));
    if (turn % 4 === 3) await page.keyboard.press("Escape");
  }
  times.sort((a, b) => a - b);
  console.log(
    `write-up of ${which}: a screen of it open in ${screen!.toFixed(0)} ms, all of it in ${whole!.toFixed(0)} ms, medians of 5 (aim 300 ms); key → page in sight drawn median ${times[10]!.toFixed(0)} ms, ` +
      `95 % below ${times[18]!.toFixed(0)} ms (aim 100 ms)`,
  );
}
