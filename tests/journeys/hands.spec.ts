import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { chooseUncertainty, kept, openSheet, rowTexts, signIn, stage, start } from "./bench";
import { test } from "./test";

test("readings typed by keyboard alone", async ({ page }) => {
  await openSheet(page);
  for (const key of ["0.20", "Tab", "3.1", "Tab", "0.25", "Tab", "4.4", "Tab", "0.30", "Enter"]) {
    if (/^\d/.test(key)) await page.keyboard.type(key);
    else await page.keyboard.press(key);
  }
  await expect.poll(() => rowTexts(page, 1)).toEqual(["0.20", "3.1"]);
  await expect.poll(() => rowTexts(page, 2)).toEqual(["0.25", "4.4"]);
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.type("9");
  await page.keyboard.press("Escape");
  await expect.poll(() => rowTexts(page, 3)).toEqual(["0.30", ""]);
  await page.keyboard.type("5.8");
  await page.keyboard.press("Enter");
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("F2");
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.type("7");
  await page.keyboard.press("Enter");
  await expect.poll(() => rowTexts(page, 3)).toEqual(["0.30", "5.78"]);
  await page.keyboard.press("Control+z");
  await expect.poll(() => rowTexts(page, 3)).toEqual(["0.30", "5.8"]);
  await page.keyboard.press("Control+Shift+z");
  await expect.poll(() => rowTexts(page, 3)).toEqual(["0.30", "5.78"]);
});

test("a click on the cell in hand lets the next key replace its text; a double click goes into it", async ({
  page,
}) => {
  await openSheet(page, "rule");
  const cell = page.locator('[data-cell="1 1"]');
  await page.locator('[data-cell="0 1"]').click();
  await page.keyboard.type("3.2");
  await page.keyboard.press("Enter");
  await cell.click();
  await page.keyboard.type("4.5");
  await page.keyboard.press("Enter");
  await expect(cell).toContainText(/^4\.5$/);
  await cell.dblclick();
  await page.keyboard.type("6");
  await page.keyboard.press("Enter");
  await expect(cell).toContainText(/^4\.56$/);
});

test("a range is cut, pasted elsewhere and brought back by undo", async ({ page }) => {
  await openSheet(page, "rule");
  await page.keyboard.press("Shift+ArrowDown");
  await page.keyboard.press("Shift+ArrowRight");
  await page.keyboard.press("Control+x");
  await expect.poll(async () => (await rowTexts(page, 1)).slice(0, 2)).toEqual(["", ""]);
  await page.keyboard.press("Control+End");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Home");
  await page.keyboard.press("Control+v");
  await expect.poll(async () => (await rowTexts(page, 8)).slice(0, 2)).toEqual(["0.200", "3.12"]);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect.poll(async () => (await rowTexts(page, 1)).slice(0, 2)).toEqual(["0.200", "3.12"]);
});

test("the rule: keys, the dragged cursor, the browser's way back", async ({ page }) => {
  await openSheet(page, "rule");
  await page.keyboard.press("Alt+5");
  await expect(page).toHaveURL(/\/slope$/);
  await expect(page.getByTestId("slope")).toBeVisible();
  await page.keyboard.press("Alt+2");
  await expect(page.getByRole("heading", { name: "Derived quantities" })).toBeVisible();
  const plot = (await page.getByRole("link", { name: "Plot" }).boundingBox())!;
  await page.getByTestId("cursor").hover({ position: { x: 130, y: 12 } });
  await page.mouse.down();
  await page.mouse.move(plot.x + 60, plot.y, { steps: 8 });
  await page.mouse.up();
  await expect(page).toHaveURL(/\/plot$/);
  await page.goBack();
  await expect(page).toHaveURL(/\/derive$/);
});

test("rows are inserted, moved and filled by key, and sorted from their menu", async ({ page }) => {
  await openSheet(page, "rule");
  await page.keyboard.press("Insert");
  await expect.poll(async () => (await rowTexts(page, 1))[0]).toBe("");
  await expect.poll(async () => (await rowTexts(page, 2))[0]).toBe("0.200");
  await page.keyboard.type("0.9");
  await page.keyboard.press("Enter");
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Alt+ArrowDown");
  await expect.poll(async () => (await rowTexts(page, 2))[0]).toBe("0.9");
  await page.keyboard.press("Shift+ArrowDown");
  await page.keyboard.press("Alt+Shift+ArrowDown");
  await expect.poll(async () => (await rowTexts(page, 3))[0]).toBe("0.9");
  await page.keyboard.press("Control+z");
  await page.getByRole("button", { name: "Rows 2 to 3", exact: true }).click();
  await page.getByRole("menuitem", { name: "Sort all rows by L" }).click();
  await expect.poll(async () => (await rowTexts(page, 8))[0]).toBe("0.9");
  await expect.poll(async () => (await rowTexts(page, 1))[0]).toBe("0.200");
});

test("a quantity moves, and is duplicated under a symbol of its own", async ({ page }) => {
  await openSheet(page, "rule");
  await page.getByRole("button", { name: "Move right" }).click();
  await expect(page.getByRole("columnheader").nth(2)).toContainText("L / m");
  await page.getByRole("button", { name: "Duplicate" }).click();
  await expect(page.getByRole("columnheader").nth(3)).toContainText("L2 / m");
  await expect.poll(async () => (await rowTexts(page, 7)).slice(5, 7)).toEqual(["0.500", "0.500"]);
});

test("a reading is set aside with a reason, drawn hollow, and taken back", async ({ page }) => {
  await openSheet(page, "rule");
  await page.getByRole("gridcell", { name: "overhang, row 6, 0.450 metres" }).click();
  await page.getByRole("button", { name: "Because" }).click();
  await page.getByRole("option", { name: "another reason" }).click();
  await page.getByLabel("The reason").fill("bumped the bench");
  await page.getByRole("button", { name: "Set aside the reading" }).click();
  await expect(page.getByText("In row 6, set aside: bumped the bench.")).toBeVisible();
  await stage(page, "Slope");
  await expect(page.getByRole("img", { name: /6 points, 1 more set aside/ })).toBeVisible();
  await expect(page.locator('[data-role="points-aside"]')).toBeVisible();
  await page.getByText("How the points lie", { exact: true }).click();
  await expect(page.getByTestId("points")).toHaveText("6");
  await stage(page, "Measure");
  const cell = "overhang, row 6, 0.450 metres, set aside: bumped the bench";
  await page.getByRole("gridcell", { name: cell }).click();
  await page.getByRole("button", { name: "Take back" }).click();
  await stage(page, "Slope");
  await page.getByText("How the points lie", { exact: true }).click();
  await expect(page.getByTestId("points")).toHaveText("7");
});

test("a typed unit is understood as it is typed", async ({ page }) => {
  await openSheet(page);
  await page.getByLabel("Unit").fill("m/s^2");
  await expect(page.getByTestId("unit-meaning")).toHaveText("m\u00a0s−2 · acceleration");
  await page.getByLabel("Unit").fill("metr");
  await expect(page.getByText("“metr” is not a unit that is known here.")).toBeVisible();
  await expect(page.getByRole("columnheader").nth(1)).toContainText("x / metr");
});

test("each kind of ± is explained as it is chosen, and drawn", async ({ page }) => {
  await openSheet(page, "rule");
  const explained = page.getByTestId("uncertainty-explained");
  await chooseUncertainty(page, "half the smallest division");
  await page.getByRole("textbox", { name: "Smallest division" }).fill("0.001");
  await expect(explained).toHaveText("Half the smallest division of 0.001 m: ± 0.0005 m.");
  await chooseUncertainty(page, "two edges read");
  await page.getByRole("textbox", { name: "± of a single edge" }).fill("0.0005");
  await expect(explained).toHaveText(
    "± 0.0005 m at each edge, twice because both ends are read: ± 0.001 m.",
  );
  await expect(page.getByRole("columnheader").nth(1)).toContainText("± 2 × 0.0005");
  await chooseUncertainty(page, "a percentage of the reading");
  await page.getByRole("textbox", { name: "Percentage of the reading" }).fill("10");
  await stage(page, "Plot");
  await page.getByText("Points as a table").click();
  await expect(page.getByRole("cell", { name: "0.13 ± 0.04" })).toBeVisible();
  await expect(page.getByRole("cell", { name: "0.008 ± 0.002" })).toBeVisible();
});

test("the drawer: a number is mended without leaving the figure", async ({ page }) => {
  await openSheet(page, "rule", "slope");
  await expect(page.getByTestId("ledger")).toContainText("12.32");
  await page.keyboard.press("Alt+0");
  await expect(page.getByRole("textbox", { name: "overhang, row 1" })).toBeFocused();
  await page.keyboard.press("Control+End");
  await page.keyboard.press("Home");
  await page.keyboard.type("0.6");
  await expect(page.getByTestId("slope")).not.toContainText("12.3");
  await page.keyboard.press("Escape");
  await expect(page.getByTestId("ledger")).toContainText("12.32");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Readings" })).toBeFocused();
  await expect(page.getByRole("grid")).toHaveCount(0);
});

test("a quantity can be added and removed, and undo brings its readings back", async ({ page }) => {
  await openSheet(page, "rule");
  await page.getByRole("button", { name: "Add a quantity" }).click();
  await expect(page.getByRole("columnheader")).toHaveCount(7);
  await page.getByRole("columnheader").nth(1).click();
  await page.getByRole("button", { name: "Remove this quantity" }).click();
  await expect(page.getByRole("columnheader")).toHaveCount(6);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(async () => (await rowTexts(page, 7))[0]).toBe("0.500");
});

for (const width of [1280, 820]) {
  test(`no stage has a barrier, or runs off a screen ${width} wide`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 });
    await signIn(page);
    await noBarrier(page);
    await start(page, "rule");
    for (const name of ["Measure", "Derive", "Plot", "Slope"]) {
      await stage(page, name);
      await kept(page);
      await noBarrier(page);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide).toBeLessThanOrEqual(width);
    }
  });
}
