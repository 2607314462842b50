import { expect, type Page } from "@playwright/test";
import { languageCookie } from "../../src/protocol/languageCookie";
import { shelfTexts } from "../../src/wording/shelfTexts";
import { speaking } from "../../src/wording/language/spoken";
import { pressEnter, sharedPlace } from "./bench";
import { cutOn, unsaidOn } from "./pseudoChecks";
import { beginAccount, invitedByCommand } from "./school";

/** A text as the pseudo-locale has it. */
export const pseudo = (say: () => string): string => speaking("pseudo", say);

/** From now on this browser speaks the pseudo-locale. */
export const speakPseudo = (page: Page) =>
  page.context().addCookies([{ name: languageCookie, value: "pseudo", url: sharedPlace() }]);

/** A teacher's account whose browser speaks the pseudo-locale, on its shelf. */
export async function inPseudo(page: Page): Promise<void> {
  await beginAccount(page, invitedByCommand("Runa"), `pseudo-${Date.now().toString(36)}`);
  await speakPseudo(page);
  await page.goto(`${sharedPlace()}/shelf`);
  await expect(page.getByRole("heading", { name: pseudo(() => shelfTexts.shelf) })).toBeVisible();
}

/** A wide screen and a tablet held upright. */
const sizes = [[1280, 800], [820, 1180]] as const; // prettier-ignore

/** What is there, at each size: nothing without brackets, nothing cut, nothing over something else. */
export async function looked(page: Page, name: string): Promise<void> {
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height });
    const faults = async () => [...(await unsaidOn(page)), ...(await cutOn(page))];
    await expect.poll(faults, { message: `${name} at ${width}`, timeout: 5000 }).toEqual([]);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
}

const lying = (page: Page) =>
  page.locator('[role="menu"], [role="listbox"], [role="dialog"] :is(h1, h2)');

/** What was opened is looked at and put away. */
export async function lookedOver(page: Page, name: string): Promise<void> {
  await expect(lying(page).first(), name).toBeVisible();
  await looked(page, name);
  await page.keyboard.press("Escape");
  await expect(lying(page), name).toHaveCount(0);
}

/** Opens each list and menu that can be seen, one after the other. */
export async function allMenus(page: Page, name: string): Promise<void> {
  const openers = page.locator("button[aria-haspopup]:visible");
  const count = await openers.count();
  for (let at = 0; at < count; at++) {
    const opener = openers.nth(at);
    if (!(await opener.isEnabled())) continue;
    const called = (await opener.getAttribute("aria-label")) ?? (await opener.textContent());
    await opener.press("Enter");
    await lookedOver(page, `${name}: ${called}`);
  }
}

/** Presses the first button of a name. */
export const press = (page: Page, say: () => string) =>
  pressEnter(page.getByRole("button", { name: pseudo(say) }).first());

/** Goes to a stage by its key. */
export async function stageAt(page: Page, key: number): Promise<void> {
  await page.keyboard.press(`Alt+${key}`);
  await expect(page.getByRole("main").getByRole("heading", { level: 1 }).first()).toBeFocused();
}

/** Begins with the first sample, or the first of their briefs. */
export async function startedFrom(page: Page, what: "sample" | "brief"): Promise<void> {
  const menu = page.getByRole("menu");
  await expect(async () => {
    await press(page, () => shelfTexts.startFromASample);
    await expect(menu).toBeVisible({ timeout: 2000 });
  }).toPass();
  const briefs = menu.getByRole("group").getByRole("menuitem");
  await (what === "brief" ? briefs : menu.getByRole("menuitem")).first().click();
  await expect(page.getByRole("grid")).toBeVisible();
}
