import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { chooseTyping, openSheet, sharedPlace } from "./bench";
import { Hands, inFocus } from "./byKeys";
import { test } from "./test";

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });
const margin = (page: Page) => page.getByRole("complementary", { name: "Margin" });
const cellInput = (page: Page) => page.getByRole("gridcell").getByRole("textbox");

test("F6 goes to the margin of the cell in hand and back to the same cell; the menu key opens what can be done with it", async ({ page }) => {
  await openSheet(page, "rule");
  const hands = new Hands(page);
  await hands.press("ArrowDown", 2);
  await hands.press("ArrowRight");
  const label = await cellInput(page).getAttribute("aria-label");
  const aside = page.getByRole("heading", { name: "Set row 3 aside" });
  await expect(aside).toBeVisible();
  await hands.press("F6");
  await expect(aside).toBeFocused();
  await hands.to(button(page, /^Set aside (?:the reading|repeat 1)/));
  await expect(page.getByRole("heading", { name: "Set row 3 aside" })).toBeVisible();
  await hands.press("Enter");
  await expect(page.getByTestId("spoken")).toHaveText("A reading set aside.");
  await hands.press("F6");
  await expect(cellInput(page)).toBeFocused();
  expect(await cellInput(page).getAttribute("aria-label")).toBe(label);
  await hands.press("Shift+F10");
  const menu = page.getByRole("menu", { name: "This reading and its row" });
  await expect(menu).toBeVisible();
  await chooseTyping(page, "ta", /^Take/);
  await expect(page.getByTestId("spoken")).toHaveText("A reading taken back in.");
  await expect(cellInput(page)).toBeFocused();
  await hands.press("Control+z");
  await expect(page.getByTestId("spoken")).toHaveText("Undone: a reading taken back in.");
}); // prettier-ignore

test("a change of stage names the window, is told, and stands at the stage’s heading", async ({ page }) => {
  await openSheet(page, "rule");
  const title = await page.getByLabel("Title of the investigation").inputValue();
  await expect(page).toHaveTitle(`Measure · ${title} · Fathom Rule`);
  for (const [key, stage, heading] of [["2", "Derive", "Derived quantities"], ["4", "Plot", "Figure"], ["5", "Slope", "Figure"], ["6", "Conclude", /./], ["7", "Write up", /./], ["1", "Measure", "Readings"]] as const) {
    await page.keyboard.press(`Alt+${key}`);
    await expect(page).toHaveTitle(`${stage} · ${title} · Fathom Rule`);
    await expect(page.getByTestId("spoken")).toHaveText(`${stage} · ${title}`);
    await expect(page.getByRole("main").getByRole("heading", { level: 1, name: heading })).toBeFocused();
  }
}); // prettier-ignore

test("with the find line open arrows go from cell to cell; what is begun has the focus", async ({ page }) => {
  await openSheet(page, "rule");
  const hands = new Hands(page);
  await hands.press("Control+f");
  await expect(page.getByLabel("Find a reading")).toBeFocused();
  await cellInput(page).focus();
  await hands.press("ArrowDown");
  await expect(cellInput(page)).toBeFocused();
  await hands.press("ArrowDown");
  await expect(page.getByRole("gridcell").getByRole("textbox", { name: /row 3$/ })).toBeFocused();
  await button(page, "Add a constant").focus();
  await hands.press("Enter");
  await expect(page.getByLabel("Symbol of k")).toBeFocused();
  await expect(page.getByTestId("spoken")).toHaveText("A constant added.");
  await hands.press("Alt+2");
  await hands.to(button(page, "Write a formula"));
  await hands.press("Enter");
  await expect(page.locator("[data-formula-field]").last()).toBeFocused();
  await expect(page.getByTestId("spoken")).toHaveText("A formula begun.");
}); // prettier-ignore

test("a unit typed behind a number is answered as such, tied to its cell", async ({ page }) => {
  await openSheet(page);
  await page.keyboard.type("2 mm");
  await expect(cellInput(page)).toHaveAttribute("aria-invalid", "true");
  await expect(cellInput(page)).toHaveAccessibleDescription(/Type the number alone: mm is said once/);
}); // prettier-ignore

test("what is wrong with a sign-in and with a joining code is tied to the fields", async ({ page }) => {
  await page.goto(`${sharedPlace()}/sign-in`);
  const hands = new Hands(page);
  const password = page.getByLabel("Password");
  await hands.to(page.getByRole("textbox", { name: "Name" }));
  await hands.type("nobody-at-all");
  await hands.press("Tab");
  await hands.type("not-the-word");
  await hands.press("Enter");
  await expect(password).toHaveAttribute("aria-invalid", "true");
  await expect(password).toHaveAccessibleDescription(/name|password/i);
  await page.goto(`${sharedPlace()}/join`);
  const code = page.getByLabel("Joining code");
  await hands.to(code);
  await hands.type("WAVE 2222");
  await hands.press("Enter");
  await expect(code).toHaveAttribute("aria-invalid", "true");
  await expect(code).toHaveAccessibleDescription(/code/i);
}); // prettier-ignore

test("the points of a figure are walked by keys: their row, their values, how far off the line; and line by line", async ({ page }) => {
  await openSheet(page, "rule");
  await page.keyboard.press("Alt+4");
  const points = page.getByRole("application", { name: /^Readings on the figure/ });
  const hands = new Hands(page);
  await hands.goal("from the heading to the points", () => hands.to(points));
  await hands.press("ArrowRight");
  const said = page.getByTestId("pointed");
  await expect(said).toContainText("Row 1");
  await expect(said).toContainText(/(?:above|below) the line|on the line/);
  await hands.press("ArrowDown");
  await expect(said).toContainText(/The line/);
  await expect(said).toContainText(/±/);
  await hands.press("ArrowRight");
  await expect(said).toContainText("Row 2");
  await hands.press("Shift+F10");
  await expect(page.getByRole("menu", { name: "The point of row 2" })).toBeVisible();
  await expect(page.getByRole("menuitem").first()).toBeFocused();
  await hands.type("se");
  await expect(page.getByRole("menuitem", { name: /^Set/ }).first()).toBeFocused();
  await hands.press("ArrowRight");
  await expect(page.getByRole("menuitem", { name: /^misread/ })).toBeFocused();
  await hands.press("Enter");
  await expect(page.getByTestId("spoken")).toHaveText("A reading set aside.");
  await expect(points).toBeFocused();
  await margin(page).getByRole("button", { name: "Play the points" }).focus();
  await hands.press("Enter");
  await expect(margin(page).getByRole("button", { name: "Stop" })).toBeFocused();
}); // prettier-ignore

test("by keys alone from sign-in to the PDF: a repeat set aside, a symbol renamed, a straightedge laid, a formula in the text", async ({ page }) => {
  test.setTimeout(240_000);
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.goto(`${sharedPlace()}/sign-in`);
  const hands = new Hands(page);
  await hands.to(page.getByRole("textbox", { name: "Name" }));
  await hands.type("Ines");
  await hands.press("Tab");
  await hands.type("slack-water");
  await hands.press("Enter");
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
  await hands.to(button(page, "Start from a sample"));
  await hands.press("Enter");
  await chooseTyping(page, "Spring", /^Spring/);
  await expect(page.getByRole("grid")).toBeVisible();
  await expect(cellInput(page)).toBeFocused();

  const item = (name: RegExp) => page.getByRole("menuitem", { name });
  await hands.goal("set a repeat aside", async () => {
    await hands.press("ArrowDown", 2);
    await hands.press("ArrowRight", 2);
    await hands.press("Shift+F10");
    await expect(item(/^Copy/)).toBeFocused();
    await hands.type("set");
    await expect(item(/^Set this reading aside/)).toBeFocused();
    await hands.press("ArrowRight");
    await expect(item(/^misread/)).toBeFocused();
    await hands.press("Enter");
    await expect(page.getByText("A reading set aside.", { exact: true })).toBeAttached();
  });
  await hands.goal("rename a symbol", async () => {
    await hands.press("Shift+F10");
    await hands.to(item(/^The quantity/), "ArrowUp");
    await hands.press("ArrowRight");
    await hands.to(item(/^Its symbol/), "ArrowDown");
    await hands.press("Enter");
    await expect(margin(page).getByRole("textbox", { name: "Symbol" })).toBeFocused();
    await hands.press("Control+a");
    await hands.type("q_1");
    await hands.press("Escape");
    await expect(cellInput(page)).toBeFocused();
  });
  await expect(page.getByText(/^All changes kept/)).toBeVisible();
  await hands.press("Alt+5");
  await hands.goal("lay a straightedge and turn it", async () => {
    await hands.to(button(page, "Lay a straightedge"));
    await hands.press("Enter");
    await expect(page.getByText("A straightedge laid.", { exact: true })).toBeAttached();
    await hands.to(page.getByRole("button", { name: /^Straightedge 1, first handle/ }));
    const said = page.getByRole("status").filter({ hasText: "Straightedge 1" });
    const before = await said.textContent();
    await hands.press("Shift+ArrowUp");
    await expect(said).not.toHaveText(before ?? "");
  });
  await hands.press("Alt+7");
  await hands.goal("write a formula into the text", async () => {
    await hands.to(page.getByRole("textbox", { name: "Aim", exact: true }));
    await hands.type("With ");
    await hands.press("Tab");
    await hands.to(button(page, "Formula"), "ArrowLeft");
    await hands.press("Enter");
    await hands.type("E = 4*L^3/b");
    await hands.press("Enter");
    await expect(page.getByRole("region", { name: "Aim" }).getByRole("math").first()).toBeAttached();
  });
  await expect(page.getByText(/^All changes kept/)).toBeVisible();
  await hands.goal("hand over the PDF", async () => {
    await hands.press("F6");
    await hands.to(page.getByRole("button", { name: "PDF" }));
    const [download] = await Promise.all([page.waitForEvent("download"), hands.press("Enter")]);
    expect(readFileSync((await download.path()) ?? "").subarray(0, 5).toString()).toBe("%PDF-");
  });
  expect(await inFocus(page)).not.toBe("body");
}); // prettier-ignore
