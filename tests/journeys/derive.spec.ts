import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, openSheet, paste, stage } from "./bench";
import { test } from "./test";

const timings =
  "L / m\tt_10 / s\n0.350\t7.29\n0.400\t8.91\n0.450\t10.58\n0.500\t12.41\n0.300\t5.77";

test("T, T² and L³ are derived, with values, units and ± on the page", async ({ page }) => {
  await openSheet(page);
  await paste(page, timings);
  await page.getByRole("columnheader").nth(2).click();
  await page.getByRole("button", { name: "How sure each reading is" }).click();
  await page.getByRole("option", { name: "the same for every reading" }).click();
  await page.getByLabel("± of each reading").fill("0.1");
  await stage(page, "Derive");
  await page.getByRole("button", { name: "Write a formula" }).click();
  await page.getByLabel("Formula of z").fill("t10 / 10");
  await expect(page.getByText("There is no t10; did you mean")).toBeVisible();
  await page.getByLabel("Formula of z").fill("t_10/10");
  await page.getByLabel("Symbol", { exact: true }).fill("T");
  await page.getByLabel("Name", { exact: true }).fill("period");
  const row = (name: RegExp) => page.getByRole("row", { name });
  await expect(row(/period, T/)).toContainText("0.73 ± 0.01");
  await page.getByRole("button", { name: "Write a formula" }).click();
  await page.getByLabel("Formula of z").fill("T²");
  await expect(row(/^z/)).toContainText("0.53 ± 0.01");
  await expect(page.getByText("The ± of time")).toHaveCount(0);
  await page.getByRole("button", { name: "or over" }).click();
  await page.getByRole("option", { name: "L / m" }).click();
  await page.getByRole("button", { name: "A usual formula" }).click();
  await page.getByRole("menuitem", { name: "L³: cube" }).click();
  await expect(row(/^L3/)).toContainText("0.042875");
  await stage(page, "Measure");
  const cell = page.getByRole("gridcell", {
    name: /period, row 1, worked out: 0.73 ± 0.01 second/,
  });
  await cell.click();
  await page.keyboard.type("9");
  await expect(page.getByRole("columnheader").nth(3)).toContainText("= t_10/10");
  await stage(page, "Derive");
  await expect(row(/period, T/)).toContainText("0.73 ± 0.01");
});

test("the worked example: percentages for a product, and renaming follows into the formulas", async ({
  page,
}) => {
  await openSheet(page, "rule", "derive");
  await page.getByRole("cell", { name: /period squared/ }).click();
  await page.getByRole("spinbutton", { name: "row" }).fill("5");
  const worked = page.getByTestId("worked");
  await expect(worked).toContainText("percentage of");
  await expect(worked.locator("annotation").last()).toHaveText(/0\.79 \\pm 0\.02/);
  await expect(page.getByText(/Over all rows: Time for ten swings decides/)).toBeVisible();
  await expect(page.getByText("worst case house rules")).toBeVisible();
  await page.getByRole("button", { name: "Draw it 10⁶ times" }).click();
  await expect(page.getByTestId("drawn")).toContainText(/Monte Carlo, 10⁶ draws± 0\.01\d/);
  await expect(
    page.getByRole("img", { name: /Histogram of the draws; 95 % lie between 0.77/ }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Copy as TeX" }).click();
  await expect(page.getByText("The working is on the clipboard as TeX.")).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain("\\pm 0.02");
  await page.getByRole("cell", { name: /^period, T/ }).click();
  await page.getByLabel("Symbol", { exact: true }).fill("P");
  await expect(page.getByLabel("Formula of T^2")).toHaveValue("P^2");
  await kept(page);
  await noBarrier(page);
});

test("a formula is completed from the symbols at hand and typeset, and its row put into the write-up", async ({
  page,
}) => {
  await openSheet(page, "rule", "derive");
  await page.getByRole("button", { name: "Write a formula" }).click();
  const field = page.getByRole("combobox", { name: /^Formula of z/ });
  await expect(field).toBeFocused();
  await field.pressSequentially("4 pi over");
  await expect(page.getByRole("option", { name: /overhang$/ })).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(field).toHaveValue("4 pi L");
  await field.pressSequentially("/(sq");
  await page.keyboard.press("Tab");
  await field.pressSequentially("T))");
  await expect(field).toHaveValue("4 pi L/(sqrt(T))");
  await expect(page.getByTestId("preview").locator("mfrac")).toHaveCount(1);
  await field.fill("4 pi L/zz");
  await expect(page.locator("u", { hasText: "zz" })).toBeVisible();
  await field.fill("L/T");
  await page.getByRole("button", { name: "Use in the write-up" }).click();
  await expect(page.getByRole("button", { name: "Take out of the write-up" })).toBeVisible();
});

test("the empty stage shows the functions that there are; Enter leads on from a formula", async ({
  page,
}) => {
  await openSheet(page);
  await paste(page, timings);
  await stage(page, "Derive");
  const there = page.getByRole("region", { name: "Functions that a formula may hold" });
  await expect(there.getByRole("button")).toHaveCount(20);
  await there.getByRole("button", { name: "mean(L)" }).click();
  const field = page.getByLabel("Formula of z");
  await expect(field).toBeFocused();
  await expect(field).toHaveValue("mean(L)");
  await page.keyboard.type(" - L");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Write a formula" })).toBeFocused();
  await expect(page.getByTestId("preview").locator("mi").first()).toBeVisible();
});
