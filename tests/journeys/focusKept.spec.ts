import { expect, type Page } from "@playwright/test";
import { stageIds } from "../../src/investigation/model/stage";
import { allHere, chooseTyping, openSheet, pressEnter } from "./bench";
import { inFocus } from "./byKeys";
import { test } from "./test";

/** What leads away from the page, or to the system's own windows. */
const leadsAway =
  /^(?:Sign out|Fathom Rule|Ines|Print|PDF|For word processors|Web page|TeX|PNG|SVG|CSV|Take out|Bring in|History|To the shelf|Take its value|Record)/;

interface Control {
  readonly name: string;
  readonly at: number;
}

const controls =
  'main button, aside button, main summary, aside summary, main [role="gridcell"] input';

/** The controls of a stage that can be pressed, by name and place. */
async function controlsOf(page: Page): Promise<Control[]> {
  const all = await page.locator(controls).evaluateAll((elements) =>
    elements.map((element, at) => ({
      at,
      name: (element.getAttribute("aria-label") ?? element.textContent ?? "").trim(),
      can: !element.matches(":disabled") && element.getClientRects().length > 0,
    })),
  );
  return all.filter(({ name, can }) => can && !leadsAway.test(name)).map(({ name, at }) => ({ name, at }));
} // prettier-ignore

/** What an undo would take back, as the button says it. */
const undoable = (page: Page) => page.getByRole("button", { name: "Undo" }).getAttribute("title");

/** Presses a control by its key, then undoes what it did; tells where the focus was lost. */
async function pressAndUndo(page: Page, { name, at }: Control, lost: string[], acts: Set<string>): Promise<void> {
  const control = page.locator(controls).nth(at);
  if ((await control.count()) === 0) return;
  await control.evaluate((element) => (element as HTMLElement).focus());
  const before = await undoable(page);
  await page.keyboard.press("Enter");
  await page.waitForTimeout(140);
  if ((await page.getByRole("listbox").count()) + (await page.getByRole("menu").count()) > 0) {
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("Enter");
    await page.waitForTimeout(180);
  }
  if ((await page.getByRole("dialog").count()) > 0) {
    await page.keyboard.press("Escape");
    await page.waitForTimeout(220);
  }
  if ((await inFocus(page)) === "body") lost.push(`after ${name}`);
  const did = await undoable(page);
  if (did === before) return;
  acts.add(did ?? "");
  await page.keyboard.press("Control+z");
  await page.waitForTimeout(180);
  if ((await inFocus(page)) === "body") lost.push(`after undo of ${name}`);
} // prettier-ignore

for (const stage of stageIds) {
  test(`${stage}: each control pressed by key, and undone, leaves the focus somewhere`, async ({ page }) => {
    test.setTimeout(280_000);
    await openSheet(page, "Springiness of a clamped rule", stage);
    await allHere(page);
    await page.waitForTimeout(600);
    const [lost, acts]: [string[], Set<string>] = [[], new Set()];
    for (const control of await controlsOf(page)) await pressAndUndo(page, control, lost, acts);
    expect(lost).toEqual([]);
    expect(acts.size).toBeGreaterThan(0);
  }); // prettier-ignore
}

test("the last undo and the last redo leave the focus; so do a duplicated column, a paste and an added quantity undone", async ({ page }) => {
  await openSheet(page, "rule");
  const cell = page.getByRole("gridcell").getByRole("textbox");
  for (const act of ["Duplicate", "Add a quantity", "Add a table"]) {
    await pressEnter(page.getByRole("button", { name: act, exact: true }));
    await cell.focus();
    await page.keyboard.press("Control+End");
    await expect(cell).toBeFocused();
    await page.keyboard.press("Control+z");
    await expect(cell).toBeFocused();
    await page.keyboard.press("Control+Shift+z");
    await expect(cell).toBeFocused();
    await page.keyboard.press("Control+z");
    await expect(cell).toBeFocused();
  }
  await page.getByRole("button", { name: "Redo" }).focus();
  await page.keyboard.press("Enter");
  await expect.poll(() => inFocus(page)).not.toBe("body");
  await page.getByRole("button", { name: "Undo" }).focus();
  await page.keyboard.press("Enter");
  await expect.poll(() => inFocus(page)).not.toBe("body");
}); // prettier-ignore

test("a cell that is typed into lets go of whoever goes elsewhere, and keeps what was typed", async ({ page }) => {
  await openSheet(page);
  const cell = page.getByRole("gridcell").first().getByRole("textbox");
  for (const text of ["4.1", "about 4"]) {
    await cell.click();
    await page.keyboard.type(text);
    await page.getByRole("button", { name: "House rules" }).focus();
    await expect(cell).toHaveValue(text);
    await expect(page.getByRole("button", { name: "House rules" })).toBeFocused();
  }
}); // prettier-ignore

test("deleting on the shelf, its undo and Escape from renaming leave the focus in the list", async ({ page }) => {
  await openSheet(page, "rule");
  await page.keyboard.press("Alt+1");
  await page.getByRole("link", { name: "Fathom Rule" }).press("Enter");
  const list = page.getByRole("list", { name: "Investigations" });
  const menu = list.getByRole("button", { name: /^What to do with/ }).first();
  const act = async (name: string) => {
    await pressEnter(menu);
    await chooseTyping(page, name, new RegExp(name));
  };
  await expect(list).toBeVisible();
  await act("Rename");
  await expect(list.getByRole("textbox")).toBeFocused();
  await page.keyboard.press("Escape");
  await expect.poll(() => inFocus(page)).not.toBe("body");
  await act("Delete");
  await expect(page.getByText(/was deleted/)).toBeVisible();
  await expect.poll(() => inFocus(page)).not.toBe("body");
  await page.getByRole("button", { name: "Undo" }).press("Enter");
  await expect(page.getByText(/was deleted/)).toHaveCount(0);
  await expect.poll(() => inFocus(page)).not.toBe("body");
}); // prettier-ignore
