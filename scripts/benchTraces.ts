/**
 * How the page of recordings keeps up: a logger's file of ten million readings, opened and panned, and a live recording of four
 * quick channels' worth. Frames are counted by the page itself.
 */
import { createWriteStream, rmSync } from "node:fs";
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

async function memory(page: Page): Promise<string> {
  const session = await page.context().newCDPSession(page);
  await session.send("HeapProfiler.collectGarbage");
  const used = await page.evaluate(async () => {
    const measured = performance as unknown as { memory: { usedJSHeapSize: number } };
    return measured.memory.usedJSHeapSize;
  });
  return `${Math.round(used / 1e6)} MB of the page's own heap`;
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
await page.getByRole("button", { name: "Bring it in" }).click();
await page.getByText(/recordings? came in/).waitFor({ timeout: 300_000 });
console.log(
  `CSV of ${lines} readings: ${((Date.now() - began) / 1000).toFixed(1)} s; ${await frames(page)}; ${await memory(page)}`,
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
await page.waitForTimeout(1000);
await frames(page);
for (let i = 0; i < 60; i++) {
  await page.keyboard.press("ArrowLeft");
  await page.waitForTimeout(30);
}
console.log(`panned near by; ${await frames(page)}`);
for (let i = 0; i < 9; i++) await page.keyboard.press("-");
await page.waitForTimeout(800);
await frames(page);
for (let i = 0; i < 60; i++) {
  await page.keyboard.press("ArrowRight");
  await page.waitForTimeout(30);
}
console.log(`panned from afar; ${await frames(page)}`);

const margin = page.getByRole("complementary", { name: "Margin" });
await margin.getByRole("button", { name: /^Instrument/ }).click();
await page.getByRole("option", { name: "microphone" }).click();
await margin.getByRole("button", { name: /^Record( again)?$/ }).click();
await page
  .getByTestId("recording-line")
  .getByText(/Recording, [1-9]/)
  .waitFor();
await frames(page);
await page.waitForTimeout(6000);
console.log(`live, 8000 readings a second; ${await frames(page)}`);
await margin.getByRole("button", { name: "Stop" }).click();
await browser.close();
rmSync(file);
