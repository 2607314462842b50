import { test } from "@playwright/test";
import { signIn, stage, startSample } from "./bench";
const shot = (name: string) => ({ path: `/tmp/look-${name}.png` });
test.describe("phone", () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });
  test("narrow", async ({ page }) => {
    await signIn(page);
    await page.getByRole("button", { name: "Start from a sample" }).click();
    await page.getByRole("menuitem", { name: "Springiness of a clamped rule" }).click();
    await page.getByRole("list", { name: "Readings, row by row" }).waitFor();
    await page.waitForTimeout(500);
    await page.screenshot(shot("measure-390"));
    await stage(page, "Plot");
    await page.waitForTimeout(700);
    await page.screenshot(shot("plot-390"));
    await stage(page, "Write up");
    await page.waitForTimeout(700);
    await page.screenshot(shot("write-390"));
    await stage(page, "Conclude");
    await page.waitForTimeout(700);
    await page.screenshot(shot("conclude-390"));
  });
});
test.describe("tablet", () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } });
  test("touch", async ({ page }) => {
    await signIn(page);
    await startSample(page, "Springiness of a clamped rule");
    await page.getByRole("button", { name: "Big entry" }).click();
    for (const key of ["Next", "Next", "Next", "Next", "Next", "Next", "Next", "Next", "Next"])
      await page.getByRole("button", { name: key }).click();
    await page.waitForTimeout(400);
    await page.screenshot(shot("big-820"));
  });
});
