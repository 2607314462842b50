/**
 * How the page of recordings keeps up: a logger's file of ten million readings, opened and panned, and a live recording of four
 * quick channels' worth. Frames are counted by the page itself.
 */
import { createWriteStream, readFileSync, rmSync } from "node:fs";
import { once } from "node:events";
import { finished } from "node:stream/promises";
import type { Page } from "@playwright/test";
import { enter, launchBrowser } from "./browser";

const lines = Number(process.env.BENCH_LINES ?? 10_000_000);
const file = "/tmp/fathom-rule-bench.csv";

/** A swing that fades, a thousand readings a second. */
async function writeFile(): Promise<void> {
  const out = createWriteStream(file);
  out.write("time / s,displacement y / mm\n");
  for (let from = 0; from < lines; from += 20_000) {
    let text = "";
    for (let i = from; i < from + 20_000; i++) {
      text += `${(i / 1000).toFixed(3)},${(4 * Math.sin(i / 100) + ((i * 7919) % 97) / 500).toFixed(4)}\n`;
    }
    if (!out.write(text)) await once(out, "drain");
  }
  out.end();
  await finished(out);
}

/** Begins to note how long each frame takes, in ms. */
const countFrames = (page: Page) =>
  page.evaluate(`(() => {
    let last = performance.now();
    window.noted = [];
    requestAnimationFrame(function next(now) {
      window.noted.push(now - last);
      last = now;
      requestAnimationFrame(next);
    });
  })()`);

/** The frames since, as median, the slowest of a hundred, and the longest. */
async function frames(page: Page): Promise<string> {
  const noted = await page.evaluate(() =>
    (window as unknown as { noted: number[] }).noted.splice(0),
  );
  const sorted = noted.slice(1).sort((a, b) => a - b);
  const at = (part: number) => (sorted[Math.floor(part * (sorted.length - 1))] ?? 0).toFixed(0);
  return `frames: median ${at(0.5)} ms, 99 % under ${at(0.99)} ms, longest ${at(1)} ms (${sorted.length})`;
}

/** What the process of the page takes now, in MB: scripts, typed arrays, workers, canvases and the browser's own part. */
async function sizeNow(page: Page): Promise<number> {
  const session = await page.context().browser()?.newBrowserCDPSession();
  const { processInfo } = (await session?.send("SystemInfo.getProcessInfo")) ?? { processInfo: [] };
  await session?.detach();
  const renderers = processInfo.filter(({ type }) => type === "renderer");
  return Math.max(...renderers.map(({ id }) => ownSize(id)));
}

async function memory(page: Page): Promise<string> {
  const session = await page.context().newCDPSession(page);
  await session.send("HeapProfiler.collectGarbage");
  return `${await sizeNow(page)} MB of the page's process`;
}

/** Looks every second what the page takes; the most of it, once it is asked for. */
function watchMemory(page: Page): () => Promise<number> {
  let [most, watching] = [0, true];
  const look = async () => {
    while (watching) {
      most = Math.max(most, await sizeNow(page));
      await new Promise((done) => setTimeout(done, 1000));
    }
  };
  const looking = look();
  return async () => {
    watching = false;
    await looking;
    return most;
  };
}

/** What a process has for itself alone, in MB. */
function ownSize(id: number): number {
  const rolled = readFileSync(`/proc/${id}/smaps_rollup`, "utf8");
  const of = (name: string) =>
    Number(new RegExp(`^${name}:\\s+(\\d+)`, "m").exec(rolled)?.[1] ?? 0);
  return Math.round((of("Private_Clean") + of("Private_Dirty")) / 1024);
}

/** Moves the lower trace along by keys, and says how its frames came. */
async function pan(page: Page, key: string, name: string): Promise<void> {
  await page.waitForTimeout(1000);
  await frames(page);
  for (let i = 0; i < 60; i++) {
    await page.keyboard.press(key);
    await page.waitForTimeout(30);
  }
  console.log(`${name}; ${await frames(page)}; ${await memory(page)}`);
}

/** Records for a while with an instrument, and says how the frames came while its readings came in. */
async function live(
  page: Page,
  instrument: string,
  perSecond: string,
  name: string,
): Promise<void> {
  const margin = page.getByRole("complementary", { name: "Margin" });
  await margin.getByRole("button", { name: /^Instrument/ }).click();
  await page.getByRole("option", { name: instrument }).click();
  const rate = margin.getByLabel("readings a second");
  await rate.fill(perSecond);
  await rate.press("Enter");
  await margin.getByRole("button", { name: /^Record( again)?$/ }).click();
  const line = page.getByTestId("recording-line");
  await line.getByText(/Recording, [1-9]/).waitFor();
  await frames(page);
  await page.waitForTimeout(10_000);
  console.log(`live, ${name}; ${await frames(page)}; ${await memory(page)}`);
  await margin.getByRole("button", { name: "Stop" }).click();
  await line.waitFor({ state: "hidden" });
}

await writeFile();
const browser = await launchBrowser();
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await enter(page, process.env.PLACE_URL ?? "");
await page.getByRole("button", { name: "Start an investigation" }).click();
await page.getByRole("button", { name: "Recordings" }).click();
await page.getByRole("button", { name: "Bring in a file" }).click();
await page.getByRole("dialog").getByLabel("File").setInputFiles(file);
await page.getByRole("button", { name: "Bring it in" }).waitFor();
await countFrames(page);
let began = Date.now();
const peak = watchMemory(page);
await page.getByRole("button", { name: "Bring it in" }).click();
await page.getByText(/recordings? came in/).waitFor({ timeout: 300_000 });
const most = await peak();
console.log(
  `CSV of ${lines} readings: ${((Date.now() - began) / 1000).toFixed(1)} s; ${await frames(page)}; ${await memory(page)}, at most ${most} MB`,
);

await page.getByText(/All changes kept/).waitFor();
await page.reload();
await page.getByRole("grid").waitFor();
await page.waitForTimeout(1500);
await countFrames(page);
began = Date.now();
await page.getByRole("button", { name: "Recordings (1)" }).click();
await page.getByRole("slider", { name: "Trim: where it begins" }).waitFor();
console.log(`opened after ${Date.now() - began} ms; ${await memory(page)}`);

const near = page.getByRole("group", { name: "The stretch near by" });
await near.focus();
for (let i = 0; i < 12; i++) {
  await page.keyboard.press("+");
  await page.waitForTimeout(60);
}
await pan(page, "ArrowLeft", "panned near by");
for (let i = 0; i < 9; i++) await page.keyboard.press("-");
await pan(page, "ArrowRight", "panned from afar");
await live(page, "microphone", "8000", "1 channel × 8000 readings a second");
await live(page, "logger of four channels", "1000", "4 channels × 1000 readings a second");
await browser.close();
rmSync(file);
