import { expect, type Page } from "@playwright/test";
import { openSheet } from "./bench";
import { Hands, inFocus } from "./byKeys";
import { test } from "./test";

const points = (page: Page) => page.getByRole("application", { name: /^Readings on the figure/ });
const said = (page: Page) => page.getByTestId("straightedge-said");
const item = (page: Page, name: string | RegExp) => page.getByRole("menuitem", { name });

/** Opens the menu of what has the focus. */
async function openMenu(page: Page, name: string | RegExp): Promise<void> {
  await page.keyboard.press("Shift+F10");
  await expect(page.getByRole("menu", { name })).toBeVisible();
  await expect(page.getByRole("menuitem").first()).toBeFocused();
}

test("on Slope points and lines are walked, a line is hidden, held and explained by its menu", async ({ page }) => {
  await openSheet(page, "rule");
  const hands = new Hands(page);
  await hands.press("Alt+5");
  await hands.goal("from the heading to the points", () => hands.to(points(page)));
  await hands.press("ArrowRight", 2);
  await expect(said(page)).toContainText("Row 2");
  await hands.press("ArrowDown");
  await expect(said(page)).toContainText(/The line.*12\.\d+ ± 0\.\d+/);
  await openMenu(page, "The line");
  await hands.to(item(page, "Hide the steepest line"), "ArrowDown");
  await hands.press("Enter");
  await expect(page.getByRole("button", { name: "Draw the steepest line" })).toHaveAttribute("aria-pressed", "false");
  await expect(points(page)).toBeFocused();
  await openMenu(page, "The line");
  await hands.to(item(page, /^What it keeps to/), "ArrowDown");
  await hands.press("ArrowRight");
  await hands.to(item(page, "zero"), "ArrowDown");
  await hands.press("Enter");
  await expect(said(page)).toContainText(/intercept: 0(?!\.)/);
  await openMenu(page, "The line");
  await hands.to(item(page, /^How it is laid/), "ArrowUp");
  await hands.press("Enter");
  await expect(page.getByRole("heading", { name: "How the line is laid" })).toBeFocused();
  await hands.press("F6");
  await expect(points(page)).toBeFocused();
}); // prettier-ignore

test("several points are taken in hand by keys and set aside together; the slope triangle is taken off by its menu", async ({ page }) => {
  await openSheet(page, "rule");
  const hands = new Hands(page);
  await hands.press("Alt+5");
  await hands.to(points(page));
  await hands.press("End");
  await hands.press("Shift+ArrowLeft", 2);
  await expect(said(page)).toContainText("3 readings");
  await hands.goal("set three readings aside", async () => {
    await hands.to(said(page).getByRole("button", { name: "Set them aside" }));
    await hands.press("Enter");
    await hands.to(said(page).getByRole("button", { name: "Set aside", exact: true }));
    await hands.press("Enter");
  });
  await expect(page.getByTestId("spoken")).toHaveText("A reading set aside.");
  await expect.poll(() => inFocus(page)).not.toBe("body");
  await page.getByRole("button", { name: "Slope triangle" }).focus();
  await hands.press("Enter");
  const corner = page.getByRole("slider", { name: "Slope triangle, first corner" });
  await hands.to(corner);
  await openMenu(page, "The slope triangle");
  await hands.press("Enter");
  await expect(corner).toHaveCount(0);
  await expect.poll(() => inFocus(page)).not.toBe("body");
}); // prettier-ignore

test("a pair of the board has a menu: what is said of it, and Plot", async ({ page }) => {
  await openSheet(page, "Springiness of a clamped rule");
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  const hands = new Hands(page);
  await hands.press("Alt+3");
  const pair = page.getByRole("grid", { name: "Straighten board" }).locator('[tabindex="0"]');
  await hands.goal("to the pair in hand", () => hands.to(pair));
  await hands.press("ArrowUp");
  await openMenu(page, / against /);
  await hands.to(item(page, /^What is said of it/), "ArrowUp");
  await hands.press("Enter");
  await expect(page.locator('[data-about="pair"] h2')).toBeFocused();
  await hands.press("F6");
  await expect(pair).toBeFocused();
  await openMenu(page, / against /);
  await hands.press("Enter");
  await expect(page).toHaveTitle(/^Plot · /);
  await expect(page.getByRole("main").getByRole("heading", { level: 1 })).toBeFocused();
}); // prettier-ignore

test("a file that is made is said by its name, a result that is found by its number", async ({ page }) => {
  await openSheet(page, "rule");
  const spoken = page.getByTestId("spoken");
  await page.keyboard.press("Alt+4");
  const png = page.getByRole("complementary", { name: "Margin" }).getByRole("button", { name: "PNG", exact: true });
  const [download] = await Promise.all([page.waitForEvent("download"), png.press("Enter")]);
  await expect(spoken).toHaveText(`${download.suggestedFilename()} is made.`);
  await page.keyboard.press("Alt+6");
  await expect(page.getByRole("main").getByRole("heading", { level: 1 })).toBeFocused();
  await page.getByRole("main").getByRole("button", { name: /slope/i }).first().press("Enter");
  await expect(spoken).toHaveText(/^Found: .*\(\d+\.\d+\s±\s\d+\.\d+\)/);
}); // prettier-ignore
