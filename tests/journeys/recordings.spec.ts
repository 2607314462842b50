import { expect, type Page, test } from "@playwright/test";
import { investigationJson } from "../../src/output/investigationJson";
import { overhangs, ruleToRecord } from "../fixtures/ruleToRecord";
import { kept, noBarrier, signIn, stage } from "./bench";

/** The instruments are the same for all: one journey after the other. */
test.describe.configure({ mode: "default" });

async function bringInRule(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Bring in an investigation" }).click();
  await page.getByLabel("File").setInputFiles({
    name: "rule.json",
    mimeType: "application/json",
    buffer: Buffer.from(investigationJson(ruleToRecord())),
  });
  await expect(page.getByRole("grid")).toBeVisible();
}

const margin = (page: Page) => page.getByRole("complementary", { name: "Margin" });

async function takeInstrument(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "Recordings" }).click();
  await margin(page).getByRole("button", { name: /^Instrument/ }).click();
  await page.getByRole("option", { name }).click();
  await expect(margin(page).getByText("simulated")).toBeVisible();
} // prettier-ignore

async function record(page: Page, seconds: number): Promise<void> {
  await margin(page).getByRole("button", { name: /^Record/ }).click();
  await expect(page.getByTestId("recording-line")).toContainText(/Recording, \d/);
  await expect
    .poll(async () => {
      const text = (await page.getByTestId("recording-line").textContent()) ?? "";
      return Number(/([\d.]+) s/.exec(text)?.[1] ?? 0);
    })
    .toBeGreaterThan(seconds);
  await margin(page).getByRole("button", { name: "Stop" }).click();
  await expect(page.getByRole("slider", { name: "Trim: where it begins" }).first()).toBeVisible();
} // prettier-ignore

async function type(page: Page, label: string, text: string): Promise<void> {
  const field = margin(page).getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press("Enter");
}

async function choose(page: Page, label: RegExp, option: string): Promise<void> {
  await margin(page).getByRole("button", { name: label }).click();
  await page.getByRole("option", { name: option, exact: true }).click();
}

test("ten recordings of the clamped rule, trimmed and read off, give the stiffness with its ±", async ({ page }) => {
  test.setTimeout(300_000);
  await signIn(page);
  await bringInRule(page);
  await takeInstrument(page, "displacement sensor");
  for (const [at, overhang] of overhangs.entries()) {
    await type(page, "overhang / m", overhang);
    await margin(page).getByRole("button", { name: "Zero it" }).click();
    await expect(margin(page).getByText("It shows 0 from here on.")).toBeVisible();
    await record(page, 5);
    await type(page, "begins at / s", "1.5");
    await type(page, "from / s", "1.5");
    await expect(page.getByTestId("stretch")).toContainText("rising crossings");
    if (at === 0) await choose(page, /^What/, "mean gap");
    const button = margin(page).getByRole("button", { name: `Mean gap to row ${at + 1} of T` });
    await button.click();
    await expect(page.getByRole("cell", { name: `row ${at + 1} of T` })).toBeVisible();
  }
  await expect(page.getByTestId("came")).toHaveText(/^\d\.\d+ ± \d\.\d+ s$/);
  await noBarrier(page);

  await page.getByRole("button", { name: "row 10 of T" }).click();
  await expect(page.getByRole("grid")).toBeVisible();
  await expect(margin(page).getByText(/Recording 10: rising crossings of the middle, mean gap/)).toBeVisible();
  await kept(page);
  await page.reload();
  await page.getByRole("button", { name: "Recordings (10)" }).click();
  await expect(page.getByText(/By the displacement sensor: displacement, \d+ readings, 200 readings a second/)).toBeVisible();

  await stage(page, "Conclude");
  const result = await page.locator("main").textContent();
  const [, value = "", uncertainty = ""] = /E = \(?(\d+(?:\.\d+)?) ± (\d+(?:\.\d+)?)/.exec(result ?? "") ?? [];
  expect(Math.abs(Number(value) - 200)).toBeLessThanOrEqual(Number(uncertainty));
  expect(Number(uncertainty)).toBeLessThan(20);
}); // prettier-ignore

test("another trim is another reading, and one that was typed over stays", async ({ page }) => {
  await signIn(page);
  await bringInRule(page);
  await takeInstrument(page, "displacement sensor");
  await record(page, 4);
  await type(page, "from / s", "0");
  await choose(page, /^What/, "greatest");
  await choose(page, /^Goes to/, "a new quantity");
  await margin(page).getByRole("button", { name: "Greatest to row 1 of y" }).click();
  const value = page.getByRole("row", { name: /^greatest/ }).getByRole("cell").nth(3);
  const before = await value.textContent();
  const edge = page.getByRole("slider", { name: "Trim: where it begins" }).first();
  await edge.focus();
  await page.keyboard.press("End");
  for (let i = 0; i < 50; i++) await page.keyboard.press("Shift+ArrowLeft");
  await type(page, "begins at / s", "2");
  await expect(value).not.toHaveText(before ?? "");
  await page.getByRole("button", { name: "row 1 of y" }).click();
  const cell = page.getByRole("row").nth(1).getByRole("gridcell").nth(4);
  await expect(cell.getByRole("textbox")).toHaveValue(/^\d\.\d+ ± 0\.\d+$/);
  await page.keyboard.type("3.5");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Recordings (1)" }).click();
  await expect(page.getByRole("button", { name: "row 1 of y, typed over since" })).toBeVisible();
  await page.getByRole("button", { name: "Take the trim back" }).click();
  await expect(value).toHaveText(before ?? "");
  await page.getByRole("button", { name: "Readings" }).click();
  await expect(cell).toHaveText("3.5");
}); // prettier-ignore
