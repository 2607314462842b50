/** `npm run bench:ui -- --slow`: the same things on a school's oldest laptop, by the browser's own throttling. */
import type { Browser, BrowserContext, CDPSession, Page } from "@playwright/test";
import { block, dragging, keyTimes, plotAll, startWith } from "./benchHands";
import { medianOf } from "./benchOpening";
import { enter } from "./browser";

/** How many times slower the processor is made. */
const slower = 4;
/** A slow school line: 1.6 Mbit/s, 150 ms. */
const line = {
  offline: false,
  latency: 150,
  downloadThroughput: 200_000,
  uploadThroughput: 94_000,
};

const aims = { key: 24, slowKey: 40, fromCache: 1500, onLine: 2500, frame: 33 };

async function slowed(page: Page): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: slower });
  return session;
}

/**
 * How long after asking for a page the last of its rows is seen, and a reading can be typed over, in ms. A row is seen
 * once a frame was drawn in which it stands.
 */
interface Opened {
  readonly seen: number;
  readonly usable: number;
}

async function opened(page: Page, address: string): Promise<Opened> {
  await page.goto(address, { waitUntil: "commit" });
  const [seen = NaN, usable = NaN] = await page.evaluate(
    async (selectors) => {
      const times: number[] = [];
      for (const selector of selectors) {
        while (!document.querySelector(selector)?.getBoundingClientRect().height) {
          await new Promise((resolve) => setTimeout(resolve, 4));
        }
        await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
        times.push(performance.now());
      }
      return times;
    },
    ['[role="grid"] [aria-rowindex="9"] [role="gridcell"]', '[data-live="true"] [role="gridcell"] input'],
  );
  return { seen, usable };
} // prettier-ignore

async function signedIn(
  browser: Browser,
  place: string,
  serviceWorkers: "allow" | "block",
): Promise<BrowserContext> {
  const viewport = { width: 1280, height: 800 };
  const context = await browser.newContext({ viewport, serviceWorkers });
  const page = await context.newPage();
  await enter(page, place);
  await page.close();
  return context;
}

/** The address of the clamped rule on the shelf. */
async function addressOfRule(context: BrowserContext, place: string): Promise<string> {
  const page = await context.newPage();
  await page.goto(`${place}/shelf`);
  const path = await page.getByRole("link", { name: /Springiness/ }).first().getAttribute("href");
  await page.close();
  return `${place}${path}`;
} // prettier-ignore

async function benchOpening(browser: Browser, place: string): Promise<void> {
  const fresh: Opened[] = [];
  const cached: Opened[] = [];
  for (let turn = 0; turn < 5; turn++) {
    const context = await signedIn(browser, place, "block");
    const address = await addressOfRule(context, place);
    const page = await context.newPage();
    const session = await slowed(page);
    await session.send("Network.enable");
    await session.send("Network.clearBrowserCache");
    await session.send("Network.emulateNetworkConditions", line);
    fresh.push(await opened(page, address));
    await page.waitForTimeout(20_000);
    await session.send("Network.emulateNetworkConditions", { ...line, latency: 0, downloadThroughput: -1, uploadThroughput: -1 });
    cached.push(await opened(page, address));
    await context.close();
  }
  const say = (where: string, times: readonly Opened[], aim: number) => {
    const of = (what: keyof Opened) => times.map((one) => one[what]);
    console.log(
      `opening the clamped rule ${where}: the table is seen after median ${medianOf(of("seen")).toFixed(0)} ms, ` +
        `at most ${Math.max(...of("seen")).toFixed(0)} ms (aim ${aim} ms), ` +
        `and can be typed over after median ${medianOf(of("usable")).toFixed(0)} ms, at most ${Math.max(...of("usable")).toFixed(0)} ms`,
    );
  };
  say("on a slow line", fresh, aims.onLine);
  say("from cache", cached, aims.fromCache);
} // prettier-ignore

/** All that comes in free moments is there, and the application is kept on the device. */
async function settled(page: Page): Promise<void> {
  await page.locator("html[data-all-here]").waitFor({ state: "attached", timeout: 60_000 });
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
}

async function benchHands(page: Page, place: string): Promise<void> {
  await startWith(page, place, block(50, 12));
  await settled(page);
  const session = await slowed(page);
  const times = await keyTimes(page, '[role="grid"]');
  const at = (part: number) => (times[Math.floor(times.length * part)] as number).toFixed(1);
  console.log(`50 rows × 12: key → drawn median ${at(0.5)} ms, 95 % below ${at(0.95)} ms (aims ${aims.key} and ${aims.slowKey} ms)`);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  await startWith(page, place, block(50, 2));
  const count = await plotAll(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: slower });
  const pan = await dragging(page, page.getByRole("slider", { name: "Horizontal axis" }));
  console.log(`panning ${count} points: frame median ${pan.median.toFixed(1)} ms, 95 % below ${pan.slow.toFixed(1)} ms (aim ${aims.frame} ms)`);
  await page.getByRole("link", { name: "Slope" }).first().click();
  await page.getByRole("button", { name: "Lay a straightedge" }).click();
  const edge = await dragging(page, page.getByRole("button", { name: /Straightedge 1, first handle/ }));
  console.log(`dragging a straightedge over 50 boxes: frame median ${edge.median.toFixed(1)} ms, 95 % below ${edge.slow.toFixed(1)} ms (aim ${aims.frame} ms)`);
} // prettier-ignore

/** Everything that is asked of a slow laptop, printed. */
export async function benchSlow(browser: Browser, place: string): Promise<void> {
  console.log(`A processor ${slower} times slower; a slow line of 1.6 Mbit/s and 150 ms.`);
  const context = await signedIn(browser, place, "allow");
  await benchHands(await context.newPage(), place);
  await context.close();
  await benchOpening(browser, place);
}
