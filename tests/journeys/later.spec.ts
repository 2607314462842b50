import { expect, test } from "@playwright/test";
import { cellAt, sharedPlace, signIn, start, typeAt } from "./bench";

test("a stage whose script can't be had says so, loses nothing, and is there once it is asked for again", async ({ page }) => {
  await signIn(page);
  await start(page, "rule");
  const address = page.url();
  const first = await (await page.request.get(address)).text();
  let away = true;
  await page.route("**/_next/static/chunks/*.js", (route) => {
    const path = new URL(route.request().url()).pathname;
    return away && !first.includes(path) ? route.abort() : route.continue();
  });
  await page.goto(`${sharedPlace()}/shelf`);
  await page.goto(address);
  await typeAt(page, 0, 1, "4.71");
  await page.keyboard.press("Enter");
  await page.getByRole("link", { name: /^Plot/ }).click();
  await expect(page).toHaveTitle(/^Plot/);
  const told = page.getByText("This part of Fathom Rule is not on this device yet");
  await expect(told).toHaveCount(1);
  away = false;
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("main").getByRole("heading", { name: "Figure", level: 1 })).toBeVisible();
  await page.getByRole("link", { name: /^Measure/ }).click();
  await expect(cellAt(page, 0, 1)).toContainText("4.71");
}); // prettier-ignore
