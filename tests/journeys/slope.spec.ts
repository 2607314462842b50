import { expect } from "@playwright/test";
import { atSlope, chooseOption, openSheet, stage } from "./bench";
import { test } from "./test";

test("the ledger holds best, steepest and shallowest line, and the figure draws them", async ({
  page,
}) => {
  await atSlope(page);
  const ledger = page.getByTestId("ledger");
  await expect(ledger.getByRole("columnheader")).toHaveText([
    "line",
    "slope / s2\u00a0m−3",
    "intercept / s2",
  ]);
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
    await chooseOption(page, "How far a line can turn", name);
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
  await chooseOption(page, "Bars that count", "both");
  await expect(page.getByText(/weighted by the bars both ways/)).toBeVisible();
  await page.getByText("How the points lie", { exact: true }).click();
  await expect(page.getByTestId("reduced χ²")).toBeVisible();
  await chooseOption(page, "It keeps to", "zero");
  await expect(page.getByTestId("intercept with its standard error")).toContainText("0 ± 0");
  await chooseOption(page, "It keeps to", "a fixed slope");
  await page.getByLabel("Slope", { exact: true }).fill("12.5");
  await expect(page.getByTestId("ledger").getByRole("row", { name: /best/ })).toContainText(
    "12.50",
  );
});

test("a reading far off prevents the range; it is named, set aside and taken back", async ({
  page,
}) => {
  await openSheet(page, "rule");
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
  await page.getByText("How the points lie", { exact: true }).click();
  await expect(page.getByTestId("points")).toHaveText("6");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(preventing).toBeVisible();
});

test("straightedges are laid, turned by mouse and by keys, and give the range by hand", async ({
  page,
}) => {
  await atSlope(page);
  await page.getByRole("button", { name: "Lay a straightedge" }).click();
  const said = page.getByTestId("straightedge-said");
  await expect(said).toContainText("It meets every error box.");
  const handle = page.getByRole("button", { name: "Straightedge 1, second handle" });
  const box = (await handle.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y, { steps: 4 });
  await page.mouse.up();
  await expect(said).toContainText("It misses the box of rows");
  const slope = page.getByLabel("Its slope");
  const turned = await slope.inputValue();
  await handle.focus();
  await page.keyboard.press("Shift+ArrowRight");
  await expect(slope).not.toHaveValue(turned);
  await slope.fill("12.8");
  await expect(said).toContainText("slope 12.8");
  // What can be typed over says what is said beside it, to the same figures.
  const [, intercept = ""] = /intercept ([−\d.]+)/.exec((await said.textContent()) ?? "") ?? [];
  await expect(page.getByLabel("Its intercept")).toHaveValue(intercept);
  await chooseOption(page, "It stands for", "the steepest line");
  await page.getByRole("button", { name: "House rules" }).click();
  await chooseOption(page, "How far a line can turn", /straightedges laid by hand/);
  await page.getByRole("button", { name: "Put away" }).click();
  await expect(page.getByText(/Lay two straightedges/)).toBeVisible();
  await page.getByRole("button", { name: "Lay a straightedge" }).click();
  await page.getByLabel("Its slope").last().fill("11.8");
  await chooseOption(page, "It stands for", "the shallowest line");
  await expect(page.getByTestId("ledger").getByRole("row", { name: /steepest/ })).toContainText(
    "12.80",
  );
  await expect(page.getByTestId("slope")).toContainText("12.3 ± 0.5");
});

test("the slope triangle shows its working and is moved by keys", async ({ page }) => {
  await atSlope(page);
  await page.getByRole("button", { name: "Slope triangle" }).click();
  await expect(page.getByTestId("triangle-working")).toContainText("12.3");
  const corner = page.getByRole("slider", { name: "Slope triangle, second corner" });
  const before = await corner.getAttribute("aria-valuenow");
  await corner.focus();
  await page.keyboard.press("ArrowLeft");
  await expect(corner).not.toHaveAttribute("aria-valuenow", before!);
  await page.getByRole("button", { name: "Slope triangle", exact: true }).click();
  await expect(page.locator('[data-role="triangle"]')).toHaveCount(0);
});

test("values are read off the line, and what each reading does is told", async ({ page }) => {
  await atSlope(page);
  await page.getByText("Read off the line", { exact: true }).click();
  await page.getByLabel("At this value across").fill("0.1 ± 0.001");
  await expect(page.getByTestId("y-read-off")).toContainText("1.23 ± 0.04");
  await page.getByLabel("At this value up").fill("2.0");
  await expect(page.getByText(/extrapolated/)).toBeVisible();
  await page.getByText("What each reading does").click();
  await expect(page.getByTestId("influence").getByRole("row")).toHaveCount(8);
  await page.getByText("The working by hand", { exact: true }).click();
  await expect(page.getByTestId("sums")).toContainText("12.317607");
});
