import { expect, type Page } from "@playwright/test";
import { kept, sharedPlace, signIn, start } from "./bench";
import { test } from "./test";

/** Starts from the sample under a title of this test's own. */
async function onShelf(page: Page, title: string): Promise<void> {
  await start(page, "rule");
  await page.getByLabel("Title of the investigation").fill(title);
  await kept(page);
  await page.goto(`${sharedPlace()}/shelf`);
}

async function choose(page: Page, title: string, what: string): Promise<void> {
  await page.getByRole("button", { name: `What to do with ${title}`, exact: true }).click();
  await page.getByRole("menuitem", { name: what }).click();
}

test.beforeEach(({ page }) => signIn(page, sharedPlace(), "tobi"));

test("an investigation is renamed and duplicated from the shelf", async ({ page }) => {
  await onShelf(page, "Cistern one");
  await choose(page, "Cistern one", "Rename");
  await page.getByLabel("New title").fill("Cistern two");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /Cistern two/ })).toBeVisible();
  await choose(page, "Cistern two", "Duplicate");
  await page.getByRole("link", { name: /Cistern two \(copy\)/ }).click();
  await expect(page.getByRole("grid")).toBeVisible();
  await expect(page.getByLabel("Title of the investigation")).toHaveValue("Cistern two (copy)");
});

test("one deleted is brought back at once by undo, or later from the list", async ({ page }) => {
  await onShelf(page, "Neap tide");
  const address = (await page.getByRole("link", { name: /Neap tide/ }).getAttribute("href")) ?? "";
  await choose(page, "Neap tide", "Delete");
  await expect(page.getByRole("link", { name: /Neap tide/ })).toHaveCount(0);
  expect((await page.request.get(sharedPlace() + address)).status()).toBe(404);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: /Neap tide/ })).toBeVisible();

  await choose(page, "Neap tide", "Delete");
  await expect(page.getByRole("link", { name: /Neap tide/ })).toHaveCount(0);
  await page.reload();
  await page.getByText(/Deleted in the last 30 days/).click();
  await page.getByRole("listitem").filter({ hasText: "Neap tide" }).getByRole("button").click();
  await expect(page.getByRole("link", { name: /Neap tide/ })).toBeVisible();
});

test("the shelf is searched", async ({ page }) => {
  await onShelf(page, "Lantern oil");
  await page.getByLabel("Search by title").fill("oil lantern");
  const list = page.getByRole("list", { name: "Investigations" });
  await expect(list.getByRole("listitem")).toHaveCount(1);
  await page.getByLabel("Search by title").fill("no such words");
  await expect(page.getByText("No title on the shelf holds these words.")).toBeVisible();
});
