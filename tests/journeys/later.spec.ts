import { expect, type Page, test } from "@playwright/test";
import { cellAt, sharedPlace, signIn, start, typeAt } from "./bench";

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
