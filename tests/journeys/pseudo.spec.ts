import { expect, type Page } from "@playwright/test";
import { benchWords } from "../../src/wording/benches";
import { bigEntryWords } from "../../src/wording/bigEntry";
import { classWords } from "../../src/wording/classes";
import { filingTexts } from "../../src/wording/filingTexts";
import { historyWords } from "../../src/wording/history";
import { measureTexts } from "../../src/wording/measureTexts";
import { shelfTexts } from "../../src/wording/shelfTexts";
import { shellTexts } from "../../src/wording/shellTexts";
import { sharedPlace } from "./bench";
import {
  allMenus,
  inPseudo,
  looked,
  lookedOver,
  press,
  pseudo,
  speakPseudo,
  stageAt,
  startedFrom,
} from "./pseudoWalk";
import { test } from "./test";

test.use({ actionTimeout: 15_000 });

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
  await press(page, () => measureTexts.tabs.recordings);
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

/** Goes to a part of a class, and waits until it is there: until then the part before it is looked at and typed into. */
async function partOfClass(page: Page, say: () => string): Promise<void> {
  const link = page.getByRole("link", { name: pseudo(say) });
  await link.click();
  await expect(link).toHaveAttribute("aria-current", "page");
}

test("a class, its experiment and its overview", async ({ page }) => {
  test.setTimeout(300_000);
  await inPseudo(page);
  await page.getByLabel(pseudo(() => classWords.name)).fill("Runa");
  await press(page, () => classWords.make);
  await expect(page).toHaveURL(/class/);
  const { parts, set } = benchWords;
  await looked(page, "people of a class");
  await partOfClass(page, () => parts.rules);
  await looked(page, "house rules of a class");
  await partOfClass(page, () => parts.set);
  await page.getByRole("textbox").first().fill("Ines");
  await looked(page, "setting an experiment");
  await press(page, () => set.doIt);
  await expect(page.getByRole("heading", { name: "Ines" })).toBeVisible();
  await looked(page, "benches");
  await allMenus(page, "benches");
});
