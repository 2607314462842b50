import { expect, type Page } from "@playwright/test";
import { actWords } from "../../src/wording/acts";
import { inFocus } from "./byKeys";

/** Hands that press, type and choose by keys alone. */
export class Pressing {
  constructor(readonly page: Page) {}

  readonly keys = async (...keys: string[]) => {
    for (const key of keys) await this.page.keyboard.press(key);
  };

  readonly type = (text: string) => this.page.keyboard.type(text);

  /** Stands at a button and presses it. */
  async press(name: string | RegExp, place = 0): Promise<void> {
    const exact = typeof name === "string";
    const button = this.page.getByRole("button", { name, exact }).nth(place);
    await button.focus();
    await this.keys("Enter");
  }

  async fill(label: string | RegExp, text: string): Promise<void> {
    const exact = typeof label === "string";
    await this.page.getByRole("textbox", { name: label, exact }).first().focus();
    await this.keys("Control+a");
    await this.type(text);
  }

  async tick(label: string | RegExp): Promise<void> {
    await this.page.getByRole("checkbox", { name: label }).first().focus();
    await this.keys("Space");
  }

  /** Opens a list and takes the option after the one that is taken, or the one that is named. */
  async choose(label: string | RegExp, option?: string | RegExp, place = 0): Promise<void> {
    await this.press(label, place);
    await expect(this.page.getByRole("listbox")).toBeVisible();
    if (option === undefined) return this.keys("ArrowDown", "Enter");
    const wanted = this.page.getByRole("option", { name: option }).first();
    await this.page.getByRole("listbox").focus();
    for (let i = 0; i < 30 && (await wanted.getAttribute("data-focus")) === null; i++) await this.keys("ArrowDown");
    await this.keys("Enter");
  }

  /** The menu of what has the focus, and what is chosen in it. */
  async menu(...names: (string | RegExp)[]): Promise<void> {
    await this.keys("Shift+F10");
    for (const [depth, name] of names.entries()) {
      const item = this.page.getByRole("menuitem", { name }).first();
      await expect(item).toBeVisible();
      for (let i = 0; i < 30 && !(await item.evaluate((one) => one === document.activeElement)); i++) await this.keys("ArrowDown");
      await this.keys(depth < names.length - 1 ? "ArrowRight" : "Enter");
    }
    await expect(this.page.getByRole("menu")).toHaveCount(0);
  }

  /** The menu of a button, and what is chosen in it. */
  async pick(button: string | RegExp, item: string | RegExp): Promise<void> {
    await this.press(button);
    const wanted = this.page.getByRole("menuitem", { name: item }).first();
    await expect(wanted).toBeVisible();
    for (let i = 0; i < 30 && (await wanted.getAttribute("data-focus")) === null; i++) await this.keys("ArrowDown");
    await this.keys("Enter");
  }

  async cell(row = 0, column = 0): Promise<void> {
    await this.page.getByRole("gridcell").getByRole("textbox").focus();
    await this.keys("Control+Home", ...Array<string>(row).fill("ArrowDown"), ...Array<string>(column).fill("ArrowRight"));
  }

  /** Opens what is folded. */
  opened(): Promise<void> {
    return this.page.evaluate(() => document.querySelectorAll("details").forEach((one) => (one.open = true)));
  }

  async firstSeries(): Promise<void> {
    await this.page.getByRole("group", { name: "Series", exact: true }).getByRole("button").nth(1).focus();
    await this.keys("Enter");
  }

  async besideTick(): Promise<void> {
    await this.page.getByRole("group", { name: "On the same paper" }).getByRole("checkbox").first().focus();
    await this.keys("Space");
  }

  /** Chooses the next option of a list in a sheet. */
  async inSheet(label: RegExp): Promise<void> {
    await this.page.getByRole("dialog").getByRole("button", { name: label }).focus();
    await this.keys("Enter", "ArrowDown", "Enter");
  }

  stand(role: "slider" | "application" | "button" | "combobox", name: string | RegExp): Promise<void> {
    return this.page.locator("main").getByRole(role, { name }).first().focus();
  }
} // prettier-ignore

/** An act, and what is pressed for it; what has to be there first is done before, and is not asked about. */
export type Step = readonly [
  act: string,
  how: (hands: Pressing) => Promise<void>,
  before?: (hands: Pressing) => Promise<void>,
];

const undoable = (page: Page) => page.getByRole("button", { name: "Undo" }).getAttribute("title");

/** Does an act, undoes it and asks each time where the focus is; what is wrong, in words. */
export async function doneAndUndone(page: Page, [act, how, before]: Step): Promise<string | undefined> {
  const hands = new Pressing(page);
  await before?.(hands);
  await page.waitForTimeout(120);
  const was = await undoable(page);
  await how(hands);
  await page.waitForTimeout(250);
  const did = await undoable(page);
  if (!did?.startsWith(`Undo: ${actWords[act]}`)) return `does not do it, but “${did}”`;
  if ((await inFocus(page)) === "body") return "loses the focus";
  await page.keyboard.press("Control+z");
  await page.waitForTimeout(250);
  if ((await undoable(page)) !== was && (await undoable(page)) === did) await page.getByRole("button", { name: "Undo" }).press("Enter");
  await page.waitForTimeout(250);
  return (await inFocus(page)) === "body" ? "loses the focus when it is undone" : undefined;
} // prettier-ignore
