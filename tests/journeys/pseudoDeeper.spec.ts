import { type Browser, expect, type Page } from "@playwright/test";
import { benchWords } from "../../src/wording/benches";
import { classWords } from "../../src/wording/classes";
import { copyWords } from "../../src/wording/copies";
import { gridMenuWords } from "../../src/wording/gridMenu";
import { handingWords } from "../../src/wording/handing";
import { instrumentWords } from "../../src/wording/instruments";
import { instrumentCalled } from "../../src/wording/benchInstruments";
import { overviewWords } from "../../src/wording/overview";
import { measureTexts } from "../../src/wording/measureTexts";
import { readingOffWords } from "../../src/wording/recordings";
import { remarkWords } from "../../src/wording/remarks";
import { shelfWords } from "../../src/wording/shelf";
import { onePageWords } from "../../src/wording/takingOut";
import { tourText } from "../../src/wording/tour";
import { paste, pressEnter, sharedPlace } from "./bench";
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
import { joined } from "./school";
import { test } from "./test";

test.use({ actionTimeout: 15_000 });
test.describe.configure({ timeout: 300_000 });

test("the first tour", async ({ page, browser }) => {
  await inPseudo(page);
  const fresh = await browser.newContext();
  await fresh.addCookies(await page.context().cookies());
  const first = await fresh.newPage();
  await first.goto(`${sharedPlace()}/shelf`);
  await startedFrom(first, "sample");
  const tour = first.getByRole("region", { name: pseudo(() => tourText.label) });
  for (let stage = 1; stage <= 7; stage++) {
    await expect(tour).toBeVisible();
    await looked(first, `the tour at stage ${stage}`);
    if (stage < 7)
      await tour.getByRole("button", { name: pseudo(() => tourText.next) }).press("Enter");
  }
});

test("a recording that runs, and what is read off it", async ({ page }) => {
  await inPseudo(page);
  await startedFrom(page, "sample");
  await press(page, () => measureTexts.tabs.recordings);
  const chooser = page.getByRole("button", { name: pseudo(() => instrumentWords.choose) });
  await pressEnter(chooser);
  await lookedOver(page, "bench instruments");
  await pressEnter(chooser);
  const sensor = pseudo(() => instrumentCalled("displacement sensor"));
  await page.getByRole("option", { name: sensor }).click();
  await expect(page.getByText(pseudo(() => instrumentWords.simulated))).toBeVisible();
  await looked(page, "an instrument in hand");
  await press(page, () => instrumentWords.record);
  await expect(page.getByTestId("recording-line")).toContainText(/[1-9]/);
  await looked(page, "a recording that runs");
  await press(page, () => instrumentWords.stop);
  const from = page.getByLabel(
    pseudo(() => readingOffWords.from),
    { exact: true },
  );
  await from.fill("0.1");
  await from.press("Enter");
  await expect(page.getByTestId("came")).toBeVisible();
  await looked(page, "a stretch in hand");
  await allMenus(page, "a recording");
  const takeOff = "xpath=following::button[not(@aria-haspopup)][1]";
  await pressEnter(page.getByTestId("came").locator(takeOff));
  await expect(page.getByRole("row")).not.toHaveCount(0);
  await looked(page, "what was read off");
});

test("one reading’s past, a page that has no room, and reading copies", async ({ page }) => {
  await inPseudo(page);
  await startedFrom(page, "sample");
  await page.getByRole("gridcell").first().click();
  await page.keyboard.press("7");
  await page.keyboard.press("Enter");
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Shift+F10");
  await page.getByRole("menuitem", { name: pseudo(() => gridMenuWords.history) }).click();
  await lookedOver(page, "what was typed in a cell");
  const rows = Array.from({ length: 400 }, (_, at) => `${at + 1}\t${at + 2}`);
  await page.getByRole("gridcell").first().click();
  await paste(page, rows.join("\n"));
  await stageAt(page, 4);
  await press(page, () => "A4");
  await expect(page.getByTestId("too-long")).toContainText(pseudo(() => onePageWords.columns));
  await looked(page, "a page that has no room");

  await page.goto(`${sharedPlace()}/shelf`);
  await pressEnter(page.locator("button[aria-haspopup]:visible").last());
  await page.getByRole("menuitem", { name: pseudo(() => shelfWords.readingCopies) }).click();
  await press(page, () => copyWords.make);
  const link = page.getByLabel(
    pseudo(() => copyWords.link),
    { exact: true },
  );
  const address = await link.inputValue();
  await looked(page, "reading copies");
  await page.goto(address);
  await expect(page.getByRole("img").first()).toBeVisible();
  await looked(page, "a reading copy");
  await allMenus(page, "a reading copy");
});

/** A student in a class, whose browser speaks the pseudo-locale, at the sheet of a bench. */
async function atBench(browser: Browser, code: string): Promise<Page> {
  const page = await joined(browser, "Runa", code);
  await speakPseudo(page);
  return page;
}

test("a sheet that is handed in, remarked and given back; the class at a glance and on the wall", async ({
  page,
  browser,
}) => {
  await inPseudo(page);
  await page.getByLabel(pseudo(() => classWords.name)).fill("Runa");
  await press(page, () => classWords.make);
  const code = await page.getByText(/^[A-Z]{4} [2-9A-Y]{4}$/).textContent();
  const student = await atBench(browser, code ?? "");
  await page.getByRole("link", { name: pseudo(() => benchWords.parts.set) }).click();
  const { set } = benchWords;
  await page.getByRole("textbox", { name: pseudo(() => set.name) }).fill("Runa");
  await press(page, () => set.doIt);
  await press(page, () => benchWords.making.alone);
  await page.getByRole("link", { name: pseudo(() => overviewWords.views.glance) }).click();
  await looked(page, "an overview");

  await student.reload();
  await student.getByRole("main").getByRole("link", { name: /Runa/ }).click();
  await student.getByRole("gridcell").first().click();
  await paste(student, "1\t2\n2\t4.1\n3\t5.9\n4\t8.2");
  await looked(student, "a bench’s sheet");
  await press(student, () => handingWords.handIn);
  await lookedOver(student, "handing in");
  await press(student, () => handingWords.handIn);
  await press(student, () => handingWords.sheet.doIt);
  await expect(student.getByText(pseudo(() => handingWords.bench.stays))).toBeVisible();
  await looked(student, "a sheet that was handed in");

  await page.getByRole("row").nth(1).getByRole("button").click();
  await allMenus(page, "an overview");
  await looked(page, "what to ask a bench");
  const overview = page.url();
  await page.getByRole("link", { name: pseudo(() => overviewWords.ask.read) }).click();
  await page.getByRole("gridcell").first().click();
  await page
    .getByLabel(
      pseudo(() => remarkWords.field),
      { exact: true },
    )
    .fill("Runa");
  await press(page, () => remarkWords.put);
  await expect(page.getByText(pseudo(() => remarkWords.unseen))).toBeVisible();
  await looked(page, "remarks");
  await allMenus(page, "remarks");
  await press(page, () => handingWords.teacher.giveBack);
  await expect(page.getByText(pseudo(() => handingWords.teacher.returned))).toBeVisible();
  await looked(page, "a sheet that was given back");

  await expect(student.getByText(pseudo(() => handingWords.bench.returned))).toBeVisible();
  await press(student, () => remarkWords.answer.label({ text: "Runa" }));
  await looked(student, "a remark and its answer");
  await student.getByRole("gridcell").first().click();
  await student.keyboard.press("7");
  await student.keyboard.press("Enter");
  await press(student, () => handingWords.handIn);
  await press(student, () => handingWords.sheet.doIt);
  await expect(student.getByText(pseudo(() => handingWords.bench.stays))).toBeVisible();
  await page.reload();
  await press(page, () => remarkWords.changes.open);
  await lookedOver(page, "what changed");

  await page.goto(overview);
  await page.getByRole("link", { name: pseudo(() => overviewWords.projector.open) }).click();
  await expect(page.getByRole("main")).toBeVisible();
  await looked(page, "the projector");
});
