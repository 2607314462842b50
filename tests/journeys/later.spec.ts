import { expect, type Page } from "@playwright/test";
import { languageCookie } from "../../src/protocol/languageCookie";
import { awayWords } from "../../src/wording/away";
import { speaking } from "../../src/wording/language/spoken";
import { cellAt, openSheet, sharedPlace, signIn, stage, start, typeAt } from "./bench";
import { test } from "./test";

/** A sheet opened by a browser that can't have what comes later; gives what lets it through again. */
async function openedAlone(page: Page): Promise<() => void> {
  const address = page.url();
  const first = await (await page.request.get(address)).text();
  let away = true;
  await page.route("**/_next/static/chunks/*.js", (route) => {
    const path = new URL(route.request().url()).pathname;
    return away && !first.includes(path) ? route.abort() : route.continue();
  });
  await page.goto(`${sharedPlace()}/shelf`);
  await page.goto(address);
  return () => {
    away = false;
  };
}

test("a page is there before its scripts run, and none of them is fetched twice", async ({
  page,
}) => {
  await openSheet(page, "rule");
  const html = await (await page.request.get(page.url())).text();
  const built = html.match(/<script src="\/_next\/static\/[^>]*>/g) ?? [];
  expect(built.filter((tag) => !/ (defer|noModule)=""/.test(tag))).toEqual([]);
  expect(built.length).toBeGreaterThan(5);
  await stage(page, "Plot");
  await expect(page.getByRole("img", { name: /against/ })).toBeVisible();
  const asked: string[] = await page
    .locator('script[src^="/_next/static"]')
    .evaluateAll((all) => all.map((one) => (one as HTMLScriptElement).src));
  expect(asked.filter((address, index) => asked.indexOf(address) < index)).toEqual([]);
});

const notHere = "This part of Fathom Rule is not on this device yet";

test("a stage whose script can't be had says so, loses nothing, and is there once it is asked for again", async ({ page }) => {
  await signIn(page);
  await start(page, "rule");
  const letThrough = await openedAlone(page);
  await typeAt(page, 0, 1, "4.71");
  await page.keyboard.press("Enter");
  await page.getByRole("link", { name: /^Plot/ }).click();
  await expect(page).toHaveTitle(/^Plot/);
  const told = page.getByText(notHere);
  await expect(told).toHaveCount(1);
  letThrough();
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("main").getByRole("heading", { name: "Figure", level: 1 })).toBeVisible();
  await page.getByRole("link", { name: /^Measure/ }).click();
  await expect(cellAt(page, 0, 1)).toContainText("4.71");
}); // prettier-ignore

test("a menu and the desk of recordings that can't be had say so beside what was pressed, and come when it is pressed again", async ({
  page,
}) => {
  await signIn(page);
  await start(page, "rule");
  const letThrough = await openedAlone(page);
  await expect(cellAt(page, 0, 0)).toBeVisible();
  const main = page.getByRole("main");
  const takeOut = main.getByRole("button", { name: "Take out" });
  await takeOut.click();
  const beside = "xpath=following-sibling::*[@role='alert']";
  await expect(takeOut.locator(beside)).toContainText(notHere);
  await main.getByRole("button", { name: "Recordings" }).click();
  const tabs = main.getByRole("group", { name: "Measure by hand or by instrument" });
  await expect(tabs.getByRole("alert")).toContainText(notHere);
  letThrough();
  await takeOut.click();
  await page.getByRole("menuitem", { name: "All tables as XLSX" }).waitFor();
  await page.keyboard.press("Escape");
  await expect(takeOut).toBeFocused();
  await main.getByRole("button", { name: "Recordings" }).click();
  await expect(page.getByRole("heading", { name: "Recordings", level: 1 })).toBeVisible();
});

test("a page that falls over says so in the language that is spoken and tells the server; without its words one can still try again", async ({
  page,
}) => {
  await signIn(page);
  await start(page, "rule");
  const language = { name: languageCookie, value: "de", url: sharedPlace() };
  await page.context().addCookies([language]);
  const broken = await page.context().newPage();
  await broken.addInitScript(() => {
    Object.defineProperty(Intl.DateTimeFormat.prototype, "format", {
      get: () => {
        throw new Error("a clock without hands");
      },
    });
  });
  const [told] = await Promise.all([
    broken.waitForRequest("**/api/faults"),
    broken.goto(`${sharedPlace()}/shelf`),
  ]);
  expect(told.postDataJSON()).toEqual({ where: "page", message: "Error: a clock without hands" });
  const title = speaking("de", () => awayWords.title);
  await expect(broken.getByRole("heading", { name: title })).toBeVisible();

  await broken.route("**/_next/static/chunks/*.js", async (route) => {
    const text = await (await route.fetch()).text();
    return text.includes(awayWords.title) ? route.abort() : route.continue();
  });
  await broken.reload();
  await expect(broken.getByRole("main").getByRole("link", { name: "Fathom Rule" })).toBeVisible();
  await expect(broken.getByRole("main")).toHaveCount(1);
});

test("the table of a sheet is seen before any script of its page has run", async ({
  page,
  browser,
}) => {
  await signIn(page);
  await start(page, "rule");
  const withoutScripts = await browser.newContext({ javaScriptEnabled: false });
  await withoutScripts.addCookies(await page.context().cookies());
  const seen = await withoutScripts.newPage();
  await seen.goto(page.url());
  await expect(cellAt(seen, 0, 0)).toBeVisible();
  await expect(cellAt(seen, 6, 0)).toBeVisible();
  await withoutScripts.close();
});
