import type { Browser, Page } from "@playwright/test";
import { launchBrowser } from "./browser";
const place = process.env.PLACE_URL ?? "";
const minutes = Number(process.env.MINUTES ?? 10);
async function windowOf(browser: Browser, data: { name: string; password: string }): Promise<Page> {
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
const browser = await launchBrowser();
const ines = await windowOf(browser, { name: "ines", password: "slack-water" });
const tobi = await windowOf(browser, { name: "tobi", password: "spring-tide" });
const cell = (page: Page, r: number, c: number) => page.locator(`[data-cell="${r} ${c}"]`);
await ines.context().setOffline(true);
await tobi.context().setOffline(true);
const until = Date.now() + minutes * 60_000;
const last = { ines: new Map<string, string>(), tobi: new Map<string, string>() };
async function work(page: Page, name: "ines" | "tobi", cells: readonly string[]) {
  for (let turn = 0; Date.now() < until; turn++) {
    const at = cells[turn % cells.length]!;
    const [r, c] = at.split(" ").map(Number);
    await cell(page, r!, c!).click();
    const text = `${name === "ines" ? 1 : 2}.${100 + turn}`;
    await page.keyboard.type(text, { delay: 40 });
    await page.keyboard.press("Enter");
    last[name].set(at, text);
    await page.waitForTimeout(2500);
  }
}
await Promise.all([
  work(ines, "ines", ["0 1", "1 1", "2 1", "0 2", "3 1"]),
  work(tobi, "tobi", ["4 1", "5 1", "2 1", "4 2", "3 1"]),
]);
console.log("ines says:", (await ines.getByTestId("saving").textContent()));
const began = Date.now();
await ines.context().setOffline(false);
await tobi.context().setOffline(false);
for (const page of [ines, tobi]) await page.getByTestId("saving").getByText(/kept/i).waitFor({ timeout: 60000 });
await ines.waitForTimeout(6000);
console.log("back after", Date.now() - began);
const seen: Record<string, string[]> = {};
for (const at of ["0 1", "1 1", "2 1", "3 1", "4 1", "5 1", "0 2", "4 2"]) {
  const [r, c] = at.split(" ").map(Number);
  const both = await Promise.all([ines, tobi].map((p) => cell(p, r!, c!).evaluate((n) => (n.querySelector("input")?.value ?? n.textContent) || "")));
  seen[at] = [...both, last.ines.get(at) ?? "", last.tobi.get(at) ?? ""];
}
console.log(JSON.stringify(seen, null, 1));
for (const [name, page] of [["ines", ines], ["tobi", tobi]] as const) {
  console.log(name, await page.getByText(/replaced/).allTextContents());
  await page.screenshot({ path: `/tmp/offline-${name}.png` });
}
const sheet = new URL(ines.url()).pathname.split("/")[2];
const documents = await Promise.all([ines, tobi].map(async (p) => JSON.stringify(await (await p.request.get(`${place}/api/investigations/${sheet}/document`)).json())));
console.log("documents equal:", documents[0] === documents[1]);
await browser.close();
