/** `npm run bench:together`: from a key in one window to another's screen, with 2 and with 30 windows on one sheet; not a test. */
import type { Browser, Page } from "@playwright/test";
import { presenceQuiet } from "@/protocol/presence";
import { ownVersion, versionHeader } from "@/protocol/versions";
import { launchBrowser } from "./browser";
import { follows, place } from "./load";
import { processorOf, share } from "./processor";

const keys = 40;
const watchedFor = 30_000;

interface Account {
  readonly name: string;
  readonly password: string;
}

const accounts: readonly Account[] = [
  { name: "ines", password: "slack-water" },
  { name: "tobi", password: "spring-tide" },
  { name: "greta", password: "harbour-light" },
];

async function windowOf(browser: Browser, data: Account): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await context.request.post(`${place}/api/sign-in`, { data, headers: { origin: place } });
  await page.goto(`${place}/shelf`);
  await page.getByRole("link", { name: /Stiffness/ }).click();
  await page.getByRole("grid").waitFor();
  await page.waitForTimeout(1500);
  return page;
}

/** The cookie of a session, for a window without a browser. */
async function cookieOf(data: Account): Promise<string> {
  const answer = await fetch(`${place}/api/sign-in`, {
    method: "POST",
    headers: { "content-type": "application/json", origin: place },
    body: JSON.stringify(data),
  });
  return (answer.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
}

/** A window without a screen: it follows the sheet, and tells where it is when it is asked to. */
class BareWindow {
  private readonly ending = new AbortController();

  constructor(
    private readonly sheet: string,
    private readonly cookie: string,
    private readonly name: string,
  ) {}

  follow(): Promise<void> {
    return follows({ sheet: this.sheet, cookie: this.cookie }, this.ending.signal);
  }

  async move(turn: number): Promise<void> {
    const at = { stage: "measure", place: `cell:row${turn % 7}/time` };
    await fetch(`${place}/api/investigations/${this.sheet}/presence`, {
      method: "POST",
      headers: {
        "content-type": "application/json",
        cookie: this.cookie,
        origin: place,
        [versionHeader]: ownVersion,
      },
      body: JSON.stringify({ window: this.name, at }),
    });
  }

  end(): void {
    this.ending.abort();
  }
}

/** The moment in which a cell of a window shows a text, by the clock of the machine. */
function shownAt(page: Page, cell: string, text: string): Promise<number> {
  return page.evaluate(
    ([place, wanted]) =>
      new Promise<number>((resolve) => {
        new MutationObserver((_, observer) => {
          const shown = document.querySelector(`[data-cell="${place}"]`)?.lastChild?.textContent;
          if (shown !== wanted) return;
          observer.disconnect();
          resolve(performance.timeOrigin + performance.now());
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
    [cell, text] as const,
  );
}

/** The moment of the next key pressed in a window. */
function keyAt(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        document.addEventListener(
          "keydown",
          () => resolve(performance.timeOrigin + performance.now()),
          { once: true, capture: true },
        );
      }),
  );
}

/** Times from a key pressed in one window until its text stands in the other. */
async function seenAfter(from: Page, to: Page): Promise<string> {
  const times: number[] = [];
  for (let turn = 0; turn < keys; turn++) {
    const cell = `${turn % 6} 1`;
    const digit = `${(turn % 9) + 1}`;
    await from.locator(`[data-cell="${cell}"]`).click();
    await from.waitForTimeout(300);
    const [seen, pressed] = [shownAt(to, cell, digit), keyAt(from)];
    await from.waitForTimeout(50);
    await from.keyboard.press(digit);
    times.push((await seen) - (await pressed));
    await from.keyboard.press("Escape");
    await from.waitForTimeout(200);
  }
  const sorted = times.sort((a, b) => a - b);
  return `p50 ${share(sorted, 0.5)} ms, p95 ${share(sorted, 0.95)} ms`;
}

/** What the server takes of one core over a while. */
async function coreTaken(work: () => Promise<void>): Promise<string> {
  const before = processorOf("scripts/start.mjs");
  const began = Date.now();
  await work();
  const taken = (processorOf("scripts/start.mjs") - before) / ((Date.now() - began) / 1000);
  return `${(100 * taken).toFixed(1)} % of a core`;
}

/** In ms: as long as it takes to read a value off and type it. */
const moveEvery = 5000;

/** Each window moves to another cell as people do who read and type, and tells of it as often as windows do. */
async function movingAbout(all: readonly BareWindow[]): Promise<void> {
  const until = Date.now() + watchedFor;
  const toldEvery = Math.max(moveEvery, presenceQuiet(all.length + 2));
  await Promise.all(
    all.map(async (one, i) => {
      await new Promise((resolve) => setTimeout(resolve, (i * toldEvery) / all.length));
      for (let turn = i; Date.now() < until; turn++) {
        await one.move(turn);
        await new Promise((resolve) => setTimeout(resolve, toldEvery));
      }
    }),
  );
}

const browser = await launchBrowser();
const [ines = { name: "", password: "" }, tobi = ines] = accounts;
const [from, to] = [await windowOf(browser, ines), await windowOf(browser, tobi)];
console.log(`2 windows: a key in one is seen in the other after ${await seenAfter(from, to)}`);
const sheet = new URL(from.url()).pathname.split("/")[2] ?? "";
const cookies = await Promise.all(accounts.map(cookieOf));
const bare = Array.from(
  { length: 28 },
  (_, i) => new BareWindow(sheet, cookies[i % 3] ?? "", `bare${i}`),
);
for (const one of bare) await one.follow();
await Promise.all(bare.map((one, i) => one.move(i)));
await from.waitForTimeout(2000);
console.log(`30 windows: ${await seenAfter(from, to)}`);
const idle = () => new Promise<void>((resolve) => setTimeout(resolve, watchedFor));
console.log(`30 windows, nobody moves: ${await coreTaken(idle)}`);
console.log(`30 windows move about: ${await coreTaken(() => movingAbout(bare))}`);
for (const one of bare) one.end();
await browser.close();
