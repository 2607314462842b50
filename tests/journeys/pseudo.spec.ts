import { expect, type Page, test } from "@playwright/test";
import { languageCookie } from "../../src/protocol/languageCookie";
import { benchWords } from "../../src/wording/benches";
import { bigEntryWords } from "../../src/wording/bigEntry";
import { classWords } from "../../src/wording/classes";
import { filingTexts } from "../../src/wording/filingTexts";
import { historyWords } from "../../src/wording/history";
import { measureTexts } from "../../src/wording/measureTexts";
import { recordingWords } from "../../src/wording/recordings";
import { shelfTexts } from "../../src/wording/shelfTexts";
import { shellTexts } from "../../src/wording/shellTexts";
import { speaking } from "../../src/wording/language/spoken";
import { sharedPlace } from "./bench";
import { cutOn, unsaidOn } from "./pseudoChecks";
import { beginAccount, invitedByCommand } from "./school";

test.use({ actionTimeout: 15_000 });

/** A text as the pseudo-locale has it. */
const pseudo = (say: () => string): string => speaking("pseudo", say);

const speakPseudo = (page: Page) =>
  page.context().addCookies([{ name: languageCookie, value: "pseudo", url: sharedPlace() }]);

/** A teacher's account whose browser speaks the pseudo-locale, on its shelf. */
async function inPseudo(page: Page): Promise<void> {
  await beginAccount(page, invitedByCommand("Runa"), `pseudo-${Date.now().toString(36)}`);
  await speakPseudo(page);
  await page.goto(`${sharedPlace()}/shelf`);
  await expect(page.getByRole("heading", { name: pseudo(() => shelfTexts.shelf) })).toBeVisible();
}

/** A wide screen and a tablet held upright. */
const sizes = [[1280, 800], [820, 1180]] as const; // prettier-ignore

/** What is there, at each size: nothing without brackets, nothing cut, nothing over something else. */
async function looked(page: Page, name: string): Promise<void> {
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
async function lookedOver(page: Page, name: string): Promise<void> {
  await expect(lying(page).first(), name).toBeVisible();
  await looked(page, name);
  await page.keyboard.press("Escape");
  await expect(lying(page), name).toHaveCount(0);
}

/** Opens each list and menu that can be seen, one after the other. */
async function allMenus(page: Page, name: string): Promise<void> {
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

const press = (page: Page, say: () => string) =>
  page
    .getByRole("button", { name: pseudo(say) })
    .first()
    .press("Enter");

async function stageAt(page: Page, key: number): Promise<void> {
  await page.keyboard.press(`Alt+${key}`);
  await expect(page.getByRole("main").getByRole("heading", { level: 1 }).first()).toBeFocused();
}

async function startedFrom(page: Page, what: "sample" | "brief"): Promise<void> {
  const menu = page.getByRole("menu");
  await expect(async () => {
    await press(page, () => shelfTexts.startFromASample);
    await expect(menu).toBeVisible({ timeout: 2000 });
  }).toPass();
  const briefs = menu.getByRole("group").getByRole("menuitem");
  await (what === "brief" ? briefs : menu.getByRole("menuitem")).first().click();
  await expect(page.getByRole("grid")).toBeVisible();
}

test("doors: who is not signed in reads nothing that no catalogue holds", async ({ page }) => {
  await speakPseudo(page);
  for (const door of ["sign-in", "register", "join"]) {
    await page.goto(`${sharedPlace()}/${door}`);
    await expect(page.getByRole("main")).toBeVisible();
    await looked(page, door);
  }
});

for (const keys of [
  [2, 3, 1],
  [4, 5],
  [6, 7],
] as const) {
  test(`stages ${keys.join(", ")} of a sample: every list and menu`, async ({ page }) => {
    test.setTimeout(300_000);
    await inPseudo(page);
    await startedFrom(page, "sample");
    for (const key of keys) {
      await stageAt(page, key);
      await looked(page, `stage ${key}`);
      await allMenus(page, `stage ${key}`);
    }
  });
}

test("what opens over a sample", async ({ page }) => {
  test.setTimeout(300_000);
  await inPseudo(page);
  await startedFrom(page, "sample");
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  await page.keyboard.press("F1");
  await lookedOver(page, "all keys");
  for (const say of [
    () => shellTexts.houseRules,
    () => historyWords.open,
    () => measureTexts.constantsOfNature,
    () => filingTexts.bringIn,
    () => bigEntryWords.open,
  ]) {
    await press(page, say);
    await lookedOver(page, pseudo(say));
  }
  await page.getByRole("gridcell").first().click();
  await page.keyboard.press("Shift+F10");
  await lookedOver(page, "the menu of a reading");
  await press(page, () => recordingWords.tabs.recordings);
  await looked(page, "recordings");
});

test("a brief, the shelf and the account", async ({ page }) => {
  test.setTimeout(300_000);
  await inPseudo(page);
  await looked(page, "an empty shelf");
  await press(page, () => shelfTexts.startFromASample);
  await lookedOver(page, "the samples");
  await startedFrom(page, "brief");
  await looked(page, "a brief");
  await page.goto(`${sharedPlace()}/shelf`);
  await expect(page.getByRole("listitem").first()).toBeVisible();
  await looked(page, "a shelf");
  await allMenus(page, "a shelf");
  await page.goto(`${sharedPlace()}/account`);
  await expect(page.getByRole("main")).toBeVisible();
  await looked(page, "the account");
});

test("a class, its experiment and its overview", async ({ page }) => {
  test.setTimeout(300_000);
  await inPseudo(page);
  await page.getByLabel(pseudo(() => classWords.name)).fill("Runa");
  await press(page, () => classWords.make);
  await expect(page).toHaveURL(/class/);
  const { parts, set } = benchWords;
  await looked(page, "people of a class");
  await page.getByRole("link", { name: pseudo(() => parts.rules) }).click();
  await looked(page, "house rules of a class");
  await page.getByRole("link", { name: pseudo(() => parts.set) }).click();
  await page.getByRole("textbox").first().fill("Runa");
  await looked(page, "setting an experiment");
  await press(page, () => set.doIt);
  await expect(page.getByRole("heading", { name: "Runa" })).toBeVisible();
  await looked(page, "benches");
  await allMenus(page, "benches");
});
