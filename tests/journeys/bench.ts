import { expect, type Locator, type Page } from "@playwright/test";
import { emptyInvestigation } from "../../src/investigation/model/emptyInvestigation";
import type { StageId } from "../../src/investigation/model/stage";
import { samples } from "../../src/investigation/samples/samples";
import { investigationJson } from "../../src/output/investigationJson";
import { plainRule } from "../fixtures/plainRule";
import { goSignedIn, sharedPlace } from "./sessions";
import { putOnShelf, tidyShelves } from "./sharedShelves";

export { sharedPlace };

/** Signs in and opens the shelf. */
export async function signIn(page: Page, place = sharedPlace(), name = "ines"): Promise<void> {
  if (place === sharedPlace()) await tidyShelves();
  await goSignedIn(page, "/shelf", place, name);
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
}

const titled = (title: string) =>
  Object.values(samples)
    .map((make) => make())
    .find((sample) => sample.title === title)!;

const savingData = () =>
  Object.defineProperty(navigator, "connection", { value: { saveData: true }, configurable: true });

/**
 * Opens a stage of an investigation that is put on Ines’s shelf in the shared place: an empty one, the plain readings of
 * the clamped rule, or a sample by its title. The browser was asked to save data: what is fetched ahead of need is met
 * where one is started or brought in by hand, as `start` does.
 */
export async function openSheet(
  page: Page,
  from: string = "empty",
  at: StageId = "measure",
): Promise<void> {
  const document =
    from === "empty" ? emptyInvestigation("") : from === "rule" ? plainRule() : titled(from);
  const id = await putOnShelf(document, "ines");
  await page.addInitScript(savingData);
  await goSignedIn(page, `/investigation/${id}/${at}`, sharedPlace(), "ines");
  await expect(page.locator("[data-live=true]")).toHaveCount(1);
  if (at !== "measure") return;
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
}

/**
 * Starts an investigation and waits until the first cell has the focus: an empty one, or the plain readings of the
 * clamped rule, brought in as the file of an investigation.
 */
export async function start(page: Page, from: "empty" | "rule" = "empty"): Promise<void> {
  if (from === "empty") {
    await page.getByRole("button", { name: "Start an investigation" }).click();
  } else {
    await page.getByRole("button", { name: "Bring in an investigation" }).click();
    await page.getByLabel("File").setInputFiles({
      name: "rule.json",
      mimeType: "application/json",
      buffer: Buffer.from(investigationJson(plainRule())),
    });
  }
  await expect(page.getByRole("grid")).toBeVisible();
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
}

/** Starts from one of the samples that ship with the application. */
export async function startSample(page: Page, title: string): Promise<void> {
  await page.getByRole("button", { name: "Start from a sample" }).click();
  await page.getByRole("menuitem", { name: title }).first().click();
  await expect(page.getByRole("grid")).toBeVisible();
}

/** Puts texts on the real clipboard and pastes with the real key. */
export async function paste(page: Page, plain: string, html?: string): Promise<void> {
  await page.evaluate(
    async ([text, markup]) => {
      const parts: Record<string, Blob> = {
        "text/plain": new Blob([text!], { type: "text/plain" }),
      };
      if (markup) parts["text/html"] = new Blob([markup], { type: "text/html" });
      await navigator.clipboard.write([new ClipboardItem(parts)]);
    },
    [plain, html] as const,
  );
  await page.keyboard.press("Control+V");
}

/** Presses Enter on what has the focus or takes it, once it can be pressed: a page that is seen may not answer yet. */
export async function pressEnter(button: Locator): Promise<void> {
  await expect(button).toBeEnabled();
  await button.press("Enter");
}

/** Chooses in the menu or the list that is open by typing how an entry begins. */
export async function chooseTyping(page: Page, typed: string, entry: RegExp): Promise<void> {
  const open = page.locator('[role="menu"], [role="listbox"]').last();
  await expect.poll(() => open.evaluate((list) => list.contains(document.activeElement))).toBe(true);
  await expect(async () => {
    await page.keyboard.type(typed);
    await expect(open.locator("[data-focus], [data-highlighted]")).toHaveText(entry, { timeout: 2000 });
  }).toPass();
  await page.keyboard.press("Enter");
} // prettier-ignore

/** Waits until all scripts are here that are fetched ahead: all there are, so that the server may go away, unless data are saved. */
export async function allHere(page: Page): Promise<void> {
  await expect(page.locator("html[data-all-here]")).toHaveCount(1);
}

/** Waits until the server has everything. */
export async function kept(page: Page): Promise<void> {
  await expect(page.getByTestId("saving")).toContainText("All changes kept");
}

/** The texts of a row of readings, as a reader sees them. */
export function rowTexts(page: Page, row: number): Promise<string[]> {
  return page
    .getByRole("row")
    .and(page.locator(`[aria-rowindex="${row + 1}"]`))
    .getByRole("gridcell")
    .evaluateAll((cells) =>
      cells.map(
        (cell) =>
          cell.querySelector("input")?.value ??
          cell.querySelector("span:last-child")?.textContent ??
          "",
      ),
    );
}

/** Goes to a stage along the rule. */
export async function stage(page: Page, name: string): Promise<void> {
  await page.getByRole("navigation", { name: "Stages" }).getByRole("link", { name }).click();
}

/** Chooses how sure each reading of the quantity in hand is. */
export async function chooseUncertainty(page: Page, kind: string): Promise<void> {
  await page.getByRole("button", { name: "How sure each reading is" }).click();
  await page.getByRole("option", { name: kind, exact: true }).click();
}

/** Signs in and goes to the line of the clamped rule. */
export async function atSlope(page: Page): Promise<void> {
  await openSheet(page, "rule", "slope");
  await expect(page.getByTestId("ledger")).toBeVisible();
}

/** Chooses an option in the last field of that label. */
export async function chooseOption(
  page: Page,
  label: string | RegExp,
  option: string | RegExp,
): Promise<void> {
  await page.getByRole("button", { name: label }).last().click();
  await page.getByRole("option", { name: option }).click();
}

/** Opens a block of the margin. */
export const openBlock = (page: Page, block: string) =>
  page.getByText(block, { exact: true }).click();

/** A cell of the table by its row and column from 0, whether it is in hand or not. */
export const cellAt = (page: Page, row: number, column: number) =>
  page.locator(`[data-cell="${row} ${column}"]`);

/** Clicks a cell and types into it. */
export async function typeAt(page: Page, row: number, column: number, text: string): Promise<void> {
  await cellAt(page, row, column).click();
  await page.keyboard.type(text);
}
