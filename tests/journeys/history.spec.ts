import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, openSheet, rowTexts } from "./bench";
import { test } from "./test";

test("what was done is listed by act, a moment is looked at in all stages, and gone back to as a new edit", async ({
  page,
}) => {
  await openSheet(page, "rule");
  const cell = page.locator('[data-cell="0 1"]');
  const before = (await rowTexts(page, 1))[1]!;
  await cell.click();
  await page.keyboard.press("7");
  await page.keyboard.press("Enter");
  await page.getByLabel("Title of the investigation").fill("Looked back at");
  await kept(page);
  await page.getByRole("button", { name: "History" }).click();
  const list = page.getByRole("dialog", { name: "What was done" });
  const typed = list.getByRole("listitem").filter({ hasText: "row 1" }).first();
  await expect(typed).toContainText("7");
  await expect(typed).toContainText("Ines");
  await noBarrier(page);
  await typed.getByRole("button").click();
  await expect(page.getByText("The sheet as it was")).toBeVisible();
  await expect(page.getByLabel("Title of the investigation")).not.toHaveValue("Looked back at");
  await page.getByRole("button", { name: "Earlier" }).click();
  await expect(cell).toContainText(before);
  await cell.click();
  await page.keyboard.type("5");
  await expect(cell.getByRole("textbox")).toHaveValue(before);
  await page.keyboard.press("Alt+4");
  await expect(page.getByRole("heading", { name: /Figure|Plot/ }).first()).toBeVisible();
  await expect(page.getByText("The sheet as it was")).toBeVisible();
  await noBarrier(page);
  await page.getByRole("button", { name: "To the sheet as it is" }).click();
  await page.keyboard.press("Alt+1");
  await expect(page.getByLabel("Title of the investigation")).toHaveValue("Looked back at");

  await cell.click({ button: "right" });
  await page.getByRole("menuitem", { name: "What was typed here" }).click();
  const reading = page.getByRole("dialog", { name: /This reading/ });
  await expect(reading.getByRole("listitem")).toHaveCount(1);
  await reading.getByRole("button", { name: "Put away" }).click();

  await page.getByRole("button", { name: "History" }).click();
  await typed.getByRole("button").click();
  await page.getByRole("button", { name: "Earlier" }).click();
  await expect(cell).toContainText(before);
  await page.getByRole("button", { name: "Go back to this" }).click();
  await expect(page.getByText("This is how it was.")).toBeVisible();
  await expect(cell).toContainText(before);
  await page.reload();
  await expect(cell).toContainText(before);
});
