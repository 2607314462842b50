import { type Cookie, expect, type Locator, type Page } from "@playwright/test";
import { Client } from "pg";
import { investigationJson } from "../../src/output/investigationJson";
import { plainRule } from "../fixtures/plainRule";

/** The address of the application that the journeys share. */
export function sharedPlace(): string {
  return process.env.PLACE_URL ?? "";
}

const passwords: Readonly<Record<string, string>> = {
  ines: "slack-water",
  tobi: "spring-tide",
  greta: "harbour-light",
};

/** Sessions that journeys of this worker opened, by place and name: each costs a hashed password. */
const sessions = new Map<string, Cookie[]>();

async function openSession(page: Page, place: string, name: string): Promise<void> {
  const answer = await page.request.post(`${place}/api/sign-in`, {
    data: { name, password: passwords[name] ?? "" },
    headers: { origin: place },
  });
  expect(answer.status()).toBe(200);
  sessions.set(`${place} ${name}`, await page.context().cookies(place));
}

/** What journeys left on the shelves of the shared place is taken away: those that go on are younger. */
async function tidyShelves(): Promise<void> {
  const database = new Client({ connectionString: process.env.PLACE_DATABASE });
  await database.connect();
  await database.query(
    `delete from investigations where created_at < now() - interval '6 minutes' and created_at >
       (select min(created_at) from investigations) + interval '2 minutes' and owner_id is not null`,
  );
  await database.end();
}

/**
 * Signs in by what the form sends, and opens the shelf; the form has journeys of its own. A session is used again until
 * one of its journeys has ended it.
 */
export async function signIn(page: Page, place = sharedPlace(), name = "ines"): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  const known = sessions.get(`${place} ${name}`);
  if (known) await page.context().addCookies(known);
  else await openSession(page, place, name);
  if (place === sharedPlace()) await tidyShelves();
  await page.goto(`${place}/shelf`);
  if (new URL(page.url()).pathname !== "/shelf") {
    await openSession(page, place, name);
    await page.goto(`${place}/shelf`);
  }
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
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

/** Waits until all scripts are here, so that nothing has to be fetched once the server is away. */
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

/** Signs in and goes to a stage of the clamped rule, brought in as `start` does. */
export async function ruleAt(page: Page, name: string): Promise<void> {
  await signIn(page);
  await start(page, "rule");
  await stage(page, name);
}

/** Signs in and goes to the line of the clamped rule. */
export async function atSlope(page: Page): Promise<void> {
  await ruleAt(page, "Slope");
  await expect(page.getByTestId("ledger")).toBeVisible();
}

/** Signs in and goes to a stage of a sample. */
export async function sampleAt(page: Page, title: string, name: string): Promise<void> {
  await signIn(page);
  await startSample(page, title);
  await stage(page, name);
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
