import { expect, type Page, test } from "@playwright/test";
import { signIn, stage, start } from "./bench";

async function atSlope(page: Page): Promise<void> {
  await signIn(page);
  await start(page, "sample");
  await stage(page, "Slope");
  await expect(page.getByTestId("ledger")).toBeVisible();
}

async function choose(page: Page, label: string, option: string | RegExp): Promise<void> {
  await page.getByRole("button", { name: label }).last().click();
  await page.getByRole("option", { name: option }).click();
}

test("the ledger holds best, steepest and shallowest line, and the figure draws them", async ({
  page,
}) => {
  await atSlope(page);
  const ledger = page.getByTestId("ledger");
  await expect(ledger.getByRole("row", { name: /best/ })).toContainText("12.32");
  await expect(ledger.getByRole("row", { name: /steepest/ })).toContainText("12.69");
  await expect(ledger.getByRole("row", { name: /shallowest/ })).toContainText("11.98");
  await expect(page.getByTestId("slope")).toHaveText("slope = 12.3 ± 0.4 s2\u00a0m−3");
  await expect(page.locator('[data-role="steepest-line"]')).toHaveCount(1);
  await page.getByRole("button", { name: "Draw the steepest line" }).click();
  await expect(page.locator('[data-role="steepest-line"]')).toHaveCount(0);
  await expect(page.locator('[data-role="shallowest-line"]')).toHaveCount(1);
});

test("each rule for the slope range gives its own", async ({ page }) => {
  await atSlope(page);
  const rule = async (name: RegExp) => {
    await page.getByRole("button", { name: "House rules" }).click();
    await choose(page, "How far a line can turn", name);
    await page.getByRole("button", { name: "Put away" }).click();
  };
  await rule(/first and the last box/);
  await expect(page.getByText(/opposite corners of the end boxes/)).toBeVisible();
  await expect(page.getByTestId("slope")).toContainText("12.3 ± 0.4");
  await rule(/standard error of the fit/);
  await expect(page.getByText(/95 % confidence/)).toBeVisible();
  await expect(page.getByTestId("slope")).toContainText("12.32 ± 0.08");
});

test("the bars count, and the line is held, as chosen", async ({ page }) => {
  await atSlope(page);
  await choose(page, "Bars that count", "both");
  await expect(page.getByText(/weighted by the bars both ways/)).toBeVisible();
  await expect(page.getByTestId("reduced χ²")).toBeVisible();
  await choose(page, "It keeps to", "zero");
  await expect(page.getByTestId("intercept with its standard error")).toContainText("0 ± 0");
  await choose(page, "It keeps to", "a fixed slope");
  await page.getByLabel("Slope", { exact: true }).fill("12.5");
  await expect(page.getByTestId("ledger").getByRole("row", { name: /best/ })).toContainText(
    "12.50",
  );
});

test("a reading far off prevents the range; it is named, set aside and taken back", async ({
  page,
}) => {
  await signIn(page);
  await start(page, "sample");
  await page.getByRole("gridcell", { name: /overhang, row 4/ }).click();
  await page.keyboard.type("0.39");
  await page.keyboard.press("Enter");
  await stage(page, "Slope");
  const preventing = page.getByTestId("preventing");
  await expect(preventing).toContainText("No straight line meets every error box");
  await expect(preventing.getByText("Row 4", { exact: true })).toBeVisible();
  const item = preventing.getByRole("listitem").filter({ hasText: "Row 4" });
  await item.getByRole("button", { name: "Set aside" }).click();
  await expect(page.getByTestId("ledger")).toBeVisible();
  await expect(page.getByTestId("points")).toHaveText("6");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(preventing).toBeVisible();
});
