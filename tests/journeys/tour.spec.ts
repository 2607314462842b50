import { expect } from "@playwright/test";
import { sharedPlace, signIn, startSample } from "./bench";
import { test } from "./test";

test("the first tour leads along the rule once, and never comes again", async ({ browser }) => {
  const page = await browser.newPage();
  await signIn(page, sharedPlace(), "tobi");
  const fresh = await browser.newContext();
  await fresh.addCookies(await page.context().cookies());
  const first = await fresh.newPage();
  await first.goto(`${sharedPlace()}/shelf`);
  await startSample(first, "Springiness of a clamped rule");
  const tour = first.getByRole("region", { name: "A first look along the rule" });
  await expect(tour).toContainText("Measure");
  for (const stage of ["Derive", "Straighten", "Plot", "Slope", "Conclude", "Write up"]) {
    await tour.getByRole("button", { name: "Next stage" }).press("Enter");
    await expect(tour).toContainText(stage);
  }
  await tour.getByRole("button", { name: "To the bench" }).press("Enter");
  await expect(tour).toBeHidden();
  await expect(first.getByRole("grid")).toBeVisible();

  const other = await browser.newContext();
  await other.addCookies(await page.context().cookies());
  const again = await other.newPage();
  await again.goto(`${sharedPlace()}/shelf`);
  await startSample(again, "A leaking cistern");
  await expect(again.getByRole("region", { name: "A first look along the rule" })).toBeHidden();
});
