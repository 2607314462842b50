import { expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, openSheet, stage } from "./bench";
import { test } from "./test";

async function choose(page: Page, label: string | RegExp, option: string | RegExp): Promise<void> {
  await page.getByRole("button", { name: label }).click();
  await page.getByRole("option", { name: option }).click();
}

const result = (page: Page) => page.getByTestId("result");

test("from the theory to the stiffness, and beside an accepted value", async ({ page }) => {
  await openSheet(page, "rule");
  await page.getByRole("button", { name: "Add a constant" }).click();
  await page
    .getByRole("textbox", { name: /^Symbol of/ })
    .last()
    .fill("m");
  await page.getByLabel("Value of m").fill("140.0");
  await page.getByLabel("± of m").fill("0.1");
  await page.getByLabel("Unit of m").fill("g");
  await stage(page, "Straighten");
  await page.getByLabel(/equation that the readings/).fill("T = k √(m L³)");
  await expect(page.getByTestId("roles")).toContainText("k");

  await stage(page, "Conclude");
  await expect(page.getByText("No result yet")).toBeVisible();
  await page.getByRole("button", { name: "Find k from the slope of Figure 1" }).click();
  await expect(page.getByTestId("result-working")).toContainText("theory");
  await expect(result(page)).toContainText("k = 0.297 ± 0.004");
  await expect(page.getByTestId("result-shares")).toContainText("slope");

  await page.getByLabel("Name").fill("constant of the rule");
  await page.getByLabel(/^Value/).fill("0.280");
  await page.getByLabel("Its ±").fill("0.001");
  await expect(page.getByTestId("compared")).toContainText("do not meet");
  await expect(page.getByText("The accepted value has no source yet.")).toBeVisible();
  await page.getByLabel("Where it stands").fill("board");
  await expect(page.getByText("The accepted value has no source yet.")).toBeHidden();

  await page.getByRole("button", { name: "Add a result" }).click();
  await page.getByLabel("Symbol").fill("s");
  await choose(page, "How it follows", /formula of one/);
  await page.getByRole("textbox", { name: "Formula" }).fill("k^2 m");
  await expect(result(page)).toContainText("s = 12.3 ± 0.4 s2 m−3");
  await page.getByRole("textbox", { name: "Formula" }).fill("k^2 q");
  await expect(page.getByTestId("no-result")).toContainText("q has no value yet");
  await kept(page);
  await page.reload();
  await expect(page.getByRole("group", { name: "Results" })).toContainText("k");
});

test("a curve’s parameter, a crossing, a mean and a value read off become results", async ({
  page,
}) => {
  await openSheet(page, "A discharging capacitor", "conclude");
  await expect(result(page)).toContainText("C = 462 ± 5 μF");
  await page.getByRole("button", { name: "C2" }).click();
  await expect(result(page)).toContainText("C2 = 462 ± 3 μF");
  await choose(page, "Taken from", "a value read off");
  await choose(page, "How it follows", "as it stands");
  await page.getByLabel("Unit to state it in").fill("");
  await choose(page, /^Read off/, /U_0/);
  await page.getByLabel(/^Where U is/).fill("4.47");
  await expect(result(page)).toContainText(/C2 = 31\.9\d? ± 0\.0\d+ s/);
  await choose(page, "Taken from", "the mean of a quantity");
  await choose(page, /^Quantity/, /^voltage/);
  await expect(result(page)).toContainText("V");
  await choose(page, "Taken from", "where two lines cross");
  await expect(page.getByTestId("no-result")).toContainText("two lines");
});

test("Monte Carlo on request, and a mended reading changes the result at once", async ({
  page,
}) => {
  await openSheet(page, "Springiness of a clamped rule", "conclude");
  await expect(result(page)).toContainText("E = 200 ± 20 GPa");
  await page.getByText("Monte Carlo", { exact: true }).click();
  await page.getByRole("button", { name: /Draw it/ }).click();
  await expect(page.getByTestId("drawn")).toContainText("±", { timeout: 30_000 });

  await page.getByRole("button", { name: "Readings" }).click();
  const cell = page.getByRole("gridcell", { name: /time for ten swings.*repeat 1, row 7/ });
  await cell.click();
  await page.keyboard.type("14.50");
  await page.keyboard.press("Enter");
  await expect(result(page)).not.toContainText("E = 200 ± 20 GPa");
});

test("the stage has no barrier, wide or narrow", async ({ page }) => {
  await openSheet(page, "Two constantan wires", "conclude");
  await page.getByRole("button", { name: "ρ", exact: true }).click();
  await expect(page.getByTestId("compared")).toBeVisible();
  await noBarrier(page);
  await page.setViewportSize({ width: 820, height: 1100 });
  await noBarrier(page);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(820);
});
