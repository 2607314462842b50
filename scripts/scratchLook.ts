import { readFileSync } from "node:fs";
import type { Browser, Page } from "@playwright/test";
import { launchBrowser } from "./browser";
const place = process.env.PLACE_URL ?? "";
const wanted = (process.env.SHOTS ?? "").split(",").filter(Boolean);
const browser = await launchBrowser();
async function as(name: string, password: string, width: number): Promise<Page> {
  const context = await browser.newContext({ viewport: { width, height: width > 900 ? 800 : width > 500 ? 900 : 780 } });
  const page = await context.newPage();
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  if (name) await context.request.post(`${place}/api/sign-in`, { data: { name, password }, headers: { origin: place } });
  await page.goto(`${place}/shelf`);
  return page;
}
const greta = (w: number) => as("greta", "harbour-light", w);
const ines = (w: number) => as("ines", "slack-water", w);
const tobi = (w: number) => as("tobi", "spring-tide", w);
const settle = (page: Page) => page.waitForTimeout(1200);
async function toClass(page: Page, part: string) {
  await page.getByRole("link", { name: /Physics|Class|11/ }).first().click();
  await page.waitForURL(/class/);
  if (part) { const id = new URL(page.url()).pathname.split("/")[2]; await page.goto(`${place}/class/${id}/${part}`); }
}
async function toSheet(page: Page) {
  await page.getByRole("link", { name: /Stiffness/ }).first().click();
  await page.waitForURL(/investigation/);
  await page.getByRole("heading", { name: "Readings" }).waitFor();
}
async function history(page: Page) {
  await page.getByRole("button", { name: "History" }).click();
  await page.getByRole("dialog").getByRole("listitem").first().waitFor();
}
async function readLink(w: number): Promise<Page> {
  const page = await greta(1280);
  await toClass(page, "");
  await page.getByRole("link", { name: /Read the sheet of bench/ }).first().click();
  await page.getByRole("grid").waitFor();
  const id = new URL(page.url()).pathname.split("/")[2];
  await page.goto(`${place}/copies/${id}`);
  await page.getByRole("button", { name: /Make|link/i }).first().click();
  const link = await page.locator("input[readonly]").first().inputValue();
  await page.screenshot({ path: "/tmp/look-copies.png" });
  const out = await as("", "", w);
  await out.goto(link);
  return out;
}
const shots: Record<string, (w: number) => Promise<Page>> = {
  benches: async (w) => { const p = await greta(w); await toClass(p, ""); return p; },
  people: async (w) => { const p = await greta(w); await toClass(p, "people"); return p; },
  rules: async (w) => { const p = await greta(w); await toClass(p, "house-rules"); return p; },
  set: async (w) => { const p = await greta(w); await toClass(p, "set"); return p; },
  shelf: (w) => ines(w),
  gshelf: (w) => greta(w),
  history: async (w) => { const p = await ines(w); await toSheet(p); await history(p); return p; },
  back: async (w) => { const p = await ines(w); await toSheet(p); await history(p); await p.getByRole("dialog").getByRole("button", { name: /^Look/ }).nth(2).click(); return p; },
  reads: async (w) => { const p = await greta(w); await toClass(p, ""); await p.getByRole("link", { name: /Read the sheet of bench/ }).first().click(); return p; },
  read: readLink,
  together: async (w) => { const a = await ines(w); await toSheet(a); const b = await tobi(1280); await toSheet(b); await b.locator('[data-cell="2 1"]').click(); return a; },
  closed: async (w) => { const p = await ines(w); await toSheet(p); const g = await greta(1280); await toClass(g, "");
    await g.getByRole("button", { name: /What to do with Ines|Ines/ }).first().click(); await settle(g); await g.screenshot({ path: "/tmp/look-menu.png" });
    await g.getByRole("menuitem", { name: /no bench/i }).first().click(); return p; },
};
for (const shot of wanted) {
  const [name = "", widths = "1280"] = shot.split(":");
  for (const w of widths.split("+")) {
    try {
      const page = await shots[name]!(Number(w));
      await settle(page);
      await page.screenshot({ path: `/tmp/look-${name}-${w}.png` });
      await page.context().close();
      console.log("ok", name, w);
    } catch (error) { console.log("FAILED", name, w, String(error).slice(0, 300)); }
  }
}
/** Pictures side by side. */
for (const sheet of (process.env.SHEETS ?? "").split(",").filter(Boolean)) {
  const [to = "", names = ""] = sheet.split("=");
  const images = names.split("+").map((n) => `<img style="margin:6px;border:1px solid #999;vertical-align:top" src="data:image/png;base64,${readFileSync(`/tmp/look-${n}.png`).toString("base64")}">`).join("");
  const page = await browser.newPage({ viewport: { width: 1300, height: 800 } });
  await page.setContent(`<body style="margin:0;white-space:nowrap">${images}</body>`);
  await page.evaluate(() => Promise.all([...document.images].map((one) => one.decode())));
  const wide = await page.evaluate(() => document.body.scrollWidth);
  await page.setViewportSize({ width: Math.min(2000, wide), height: 800 });
  await page.screenshot({ path: `/tmp/${to}.png`, fullPage: true });
}
await browser.close();
void (0 as unknown as Browser);
