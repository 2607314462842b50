import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { atSlope, chooseOption, openBlock, openSheet, paste, stage } from "./bench";
import { test } from "./test";

const drawn = (page: Page, role: string) => page.getByRole("main").locator(`[data-role="${role}"]`);

/** Two falling and rising columns over one axis, the second long in rows where many are wanted. */
async function twoColumns(page: Page, rows: number): Promise<void> {
  await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
  await openSheet(page);
  const lines = Array.from({ length: rows }, (_, i) => {
    const wobble = [0.1, -0.2, 0.15, -0.05, 0][i % 5]!;
    return [i + 1, (2 * i + wobble).toFixed(2), (100 - i - wobble).toFixed(2)].join("\t");
  });
  await paste(page, lines.join("\n"));
  await expect(page.getByText(/Pasted/)).toBeVisible();
  await stage(page, "Plot");
  await page.getByRole("button", { name: "Along the horizontal axis" }).click();
  await page.getByRole("listbox").getByRole("option").nth(0).click();
  await page.getByRole("button", { name: "Up the vertical axis" }).click();
  await page.getByRole("listbox").getByRole("option").nth(1).click();
  await page
    .getByRole("group", { name: "On the same paper" })
    .getByRole("checkbox")
    .first()
    .click();
}

test("bands are drawn at a level, and each line as far as it is wanted", async ({ page }) => {
  await atSlope(page);
  await openBlock(page, "Bands and intervals");
  await chooseOption(page, "Bands", "both");
  await expect(drawn(page, "confidence-band")).toHaveCount(1);
  await expect(drawn(page, "prediction-band")).toHaveCount(1);
  await expect(page.getByTestId("intervals")).toContainText("12.32 ± 0.08");
  await chooseOption(page, "Level", "99 %");
  await expect(page.getByTestId("intervals")).toContainText("12.3 ± 0.1");
  await openBlock(page, "Which lines are drawn");
  const before = await drawn(page, "best-line").getAttribute("d");
  await chooseOption(page, "How far, best", /along the readings/);
  await expect.poll(() => drawn(page, "best-line").getAttribute("d")).not.toBe(before);
  const steepest = page.getByRole("group", { name: "The steepest line" });
  await steepest.getByRole("checkbox", { name: "its equation" }).click();
  await expect(drawn(page, "equation")).toContainText("steepest: T2 = 12.69");
  await expect(drawn(page, "equation")).toContainText("− 0.013");
});

test("with everything open the stage has no barrier", async ({ page }) => {
  await atSlope(page);
  await page.getByRole("button", { name: "Lay a straightedge" }).click();
  await page.getByRole("button", { name: "Slope triangle" }).click();
  for (const block of [
    ...["Read off the line", "Bands and intervals", "How the points lie"],
    ...["The working by hand", "Which lines are drawn", "What each reading does"],
  ]) {
    await openBlock(page, block);
  }
  await page.getByRole("checkbox", { name: "all digits" }).click();
  await expect(page.getByTestId("covariance of both")).toBeVisible();
  await noBarrier(page);
});

test("an equation is dragged, moved by keys, and finds its own place again", async ({ page }) => {
  await atSlope(page);
  await openBlock(page, "Which lines are drawn");
  const best = page.getByRole("group", { name: "The best line" });
  await best.getByRole("checkbox", { name: "its equation" }).click();
  await stage(page, "Plot");
  const equation = page.getByRole("button", { name: /Equation of the best line/ });
  const place = async () => Math.round((await equation.boundingBox())!.x);
  const own = await place();
  const box = (await equation.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 120, box.y + 150, { steps: 4 });
  await page.mouse.up();
  await expect.poll(place).toBeGreaterThan(own + 80);
  const there = await place();
  await equation.focus();
  await page.keyboard.press("ArrowRight");
  await expect.poll(place).toBeGreaterThan(there);
  await page.keyboard.press("Delete");
  await expect.poll(async () => Math.abs((await place()) - own)).toBeLessThan(3);
});

test("two lines cross with their ±, and one line can lie over both", async ({ page }) => {
  await twoColumns(page, 8);
  await stage(page, "Slope");
  await expect(page.getByTestId("crossing")).toContainText("34.");
  await page.getByRole("checkbox", { name: "one line over all series" }).click();
  await expect(page.getByTestId("crossing")).toHaveCount(0);
  await expect(drawn(page, "best-line")).toHaveCount(1);
  await openBlock(page, "How the points lie");
  await expect(page.getByTestId("points")).toHaveText("16");
});

test("how far each reading is off the line goes under the figure, and into the export", async ({
  page,
}) => {
  await atSlope(page);
  await expect(page.getByTestId("off-the-line")).toBeVisible();
  await page.getByLabel("under the figure").check();
  await expect(page.getByTestId("off-the-line")).toBeHidden();
  await expect(drawn(page, "strip-points")).toBeVisible();
  await expect(page.getByRole("img", { name: /under it how far each point/ })).toBeVisible();
  await chooseOption(page, "Measured", "counted in bars");
  await expect(drawn(page, "strip").filter({ hasText: "off the line / ±" })).toBeVisible();
  await stage(page, "Plot");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "SVG", exact: true }).click(),
  ]);
  expect(readFileSync(await file.path(), "utf8")).toContain('data-role="strip-points"');
});

test("thousands of points are drawn away from the page, and follow a dragged axis", async ({
  page,
}) => {
  await twoColumns(page, 4000);
  const canvas = page.locator("main canvas");
  const ink = () =>
    canvas.evaluate((element: HTMLCanvasElement) => {
      const { data } = element
        .getContext("2d")!
        .getImageData(0, 0, element.width || 1, element.height || 1);
      let sum = 0;
      for (let i = 3; i < data.length; i += 4) sum += data[i]! > 0 ? i % 100_003 : 0;
      return sum;
    });
  await expect.poll(ink).toBeGreaterThan(0);
  await expect(drawn(page, "points")).toHaveCount(0);
  const whole = await ink();
  await page.getByRole("slider", { name: "Horizontal axis" }).focus();
  await page.keyboard.press("+");
  await expect.poll(ink).not.toBe(whole);
});
