import { expect, type Locator, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { choose, margin, record, takeInstrument, type } from "./atInstruments";
import { chooseTyping, kept, openSheet } from "./bench";
import { doneAndUndone, type Step } from "./pressing";
import { test } from "./test";

/** A fresh sheet with 7 s of the clamped rule's swing. */
async function swing(page: Page): Promise<void> {
  await openSheet(page);
  await takeInstrument(page, "displacement sensor");
  await type(page, "overhang / m", "0.35");
  await record(page, 7);
}

test("a stretch that swings suggests its period; its gaps go one to a row, and come back with one undo", async ({ page }) => {
  await swing(page);
  await type(page, "from / s", "2");
  await type(page, "to / s", "6");
  await expect(margin(page).getByRole("button", { name: /^What/ })).toContainText("mean gap");
  await expect(page.getByTestId("came")).toHaveText(/^0\.7\d+ ± 0\.\d+ s$/);
  await choose(page, /^What/, "one gap");
  const gaps = margin(page).getByRole("radio");
  await expect(gaps.first()).toBeChecked();
  const many = await gaps.count();
  expect(many).toBeGreaterThanOrEqual(4);
  await gaps.nth(2).check();
  await expect(page.getByTestId("happenings").locator("line")).toHaveCount(3);
  await choose(page, /^Goes to/, "a new quantity");
  await margin(page).getByRole("button", { name: `All ${many}, one to a row, from row 1 of T` }).click();
  await expect(page.getByRole("button", { name: `row ${many} of T` })).toBeVisible();
  await expect(page.getByRole("row", { name: /3rd gap/ })).toContainText(/0\.7\d+ ± 0\.\d+ s/);
  await noBarrier(page);
  await page.getByRole("button", { name: `row ${many} of T` }).click();
  const cells = page.getByRole("gridcell").filter({ hasText: /^0\.7\d+ ± 0\.\d+$/ });
  await expect(cells).toHaveCount(many - 1);
  await expect(page.getByTestId("uncertainty-explained")).toContainText("Each reading states its own ±");
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+z");
  await expect(cells).toHaveCount(0);
}); // prettier-ignore

test("the height of the third trough is read off, and follows what is set aside before it", async ({ page }) => {
  await swing(page);
  await type(page, "from / s", "1.8");
  await choose(page, /^What/, "height of one");
  await choose(page, /^Of/, "troughs");
  await margin(page).getByRole("radio").nth(2).check();
  await margin(page).getByRole("button", { name: /^Height of one to row 1/ }).click();
  const entry = page.getByRole("row", { name: /^troughs, height of the 3rd/ });
  await expect(entry).toContainText(/−\d\.\d+ ± 0\.\d+ mm/);
  const before = await entry.getByRole("cell").nth(3).textContent();
  await type(page, "to / s", "3");
  await margin(page).getByRole("button", { name: "Set the stretch aside" }).click();
  await expect(entry.getByRole("cell").nth(3)).not.toHaveText(before ?? "");
  await kept(page);
}); // prettier-ignore

test("an earlier moment is looked at while an instrument records, and the recording goes on", async ({ page }) => {
  await openSheet(page);
  const cell = page.getByRole("row").nth(1).getByRole("gridcell").first();
  await cell.click();
  await page.keyboard.type("1.5");
  await page.keyboard.press("Enter");
  await kept(page);
  await takeInstrument(page, "logger of four channels");
  await margin(page).getByRole("button", { name: "Record", exact: true }).click();
  const line = page.getByTestId("recording-line");
  await expect(line).toContainText(/Recording, [1-9]/);
  await page.getByRole("button", { name: "History" }).click();
  await page.getByRole("button", { name: /^Look/ }).first().click();
  await expect(page.getByRole("region", { name: "The sheet as it was" })).toBeVisible();
  await page.getByRole("button", { name: "To the sheet as it is" }).click();
  await expect(line).toContainText(/Recording, [3-9]/);
  await margin(page).getByRole("button", { name: "Stop" }).click();
  await expect(page.getByText(/voltage of the source, voltage over the capacitor, voltage over the resistor and current, \d+ readings/)).toBeVisible();
}); // prettier-ignore

/** Tab until something is in focus. */
async function tabTo(page: Page, place: Locator): Promise<void> {
  for (let i = 0; i < 80; i++) {
    if (await place.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`Tab does not lead to ${place.toString()}`);
}

test("by keys alone: an instrument is chosen, recorded with, trimmed, read off, and its reading found", async ({ page }) => {
  await openSheet(page);
  const keys = page.keyboard;
  const button = (name: string | RegExp, within: Page | Locator = page) => within.getByRole("button", { name });
  const press = async (place: Locator, key = "Enter") => {
    await tabTo(page, place);
    await keys.press(key);
  };
  const typeInto = async (label: string, text: string) => {
    await tabTo(page, margin(page).getByLabel(label, { exact: true }));
    await keys.press("Control+a");
    await keys.type(text);
    await keys.press("Enter");
  };
  await press(button("Recordings"));
  await press(button(/^Instrument/, margin(page)));
  await chooseTyping(page, "displ", /^displ/i);
  await typeInto("overhang / m", "0.35");
  await press(button("Zero it", margin(page)));
  await press(button(/^Record$/, margin(page)));
  await expect(page.getByTestId("recording-line")).toContainText(/Recording, [5-9]/);
  await press(button("Stop"));
  const begins = page.getByRole("slider", { name: "Trim: where it begins" });
  await expect(begins).toBeVisible();
  await tabTo(page, begins);
  for (let i = 0; i < 12; i++) await keys.press("Shift+ArrowRight");
  await expect(begins).toHaveAttribute("aria-valuetext", /^1\.\d+ s$/);
  await typeInto("from / s", "1.6");
  await typeInto("to / s", "4.6");
  await expect(page.getByTestId("came")).toHaveText(/^0\.7\d+ ± 0\.\d+ s$/);
  await press(button(/^Mean gap to row 1/));
  await press(button(/^row 1 of/));
  await expect(page.getByRole("grid")).toBeVisible();
  await expect(page.locator(":focus")).toHaveValue(/^0\.7\d+ ± 0\.\d+$/);
}); // prettier-ignore

const recorded: readonly Step[] = [
  [
    "set-recording",
    async (at) => (
      await at.page.getByRole("slider", { name: "Trim: where it begins" }).focus(),
      await at.keys("Shift+ArrowRight")
    ),
  ],
  ["read-off", (at) => at.press(/ to row \d/)],
  [
    "forget-read-off",
    (at) => at.pick(/^What can be done with/, "Let go of it"),
    (at) => at.press(/ to row \d/),
  ],
  [
    "bring-read-off",
    (at) => at.pick(/^What can be done with/, "Take it to a row"),
    (at) => at.press(/ to row \d/),
  ],
  [
    "read-each-off",
    (at) => at.press(/^All \d+, one to a row/),
    (at) => choose(at.page, /^What/, "one gap"),
  ],
  ["remove-recording", (at) => at.press("Remove this recording")],
];

test("every act of recordings and its undo leave the focus somewhere", async ({ page }) => {
  await swing(page);
  await type(page, "from / s", "2");
  await type(page, "to / s", "6");
  const wrong: string[] = [];
  for (const step of recorded) {
    const said = await doneAndUndone(page, step);
    if (said) wrong.push(`${step[0]}: ${said}`);
    await expect(page.getByRole("slider", { name: "Trim: where it begins" })).toBeVisible();
  }
  expect(wrong).toEqual([]);
}); // prettier-ignore
