import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, openSheet, sharedPlace } from "./bench";
import { test } from "./test";

test("a reading copy shows pages and data to whoever has the link, is counted, follows, and ends when it is revoked", async ({
  page,
  browser,
}) => {
  await openSheet(page, "A leaking cistern");
  await kept(page);
  const sheet = page.url();
  await page.goto(`${sharedPlace()}/shelf`);
  await page.getByRole("button", { name: "What to do with A leaking cistern" }).first().click();
  await page.getByRole("menuitem", { name: "Reading copies" }).click();
  await page.getByRole("button", { name: /It shows/ }).click();
  await page.getByRole("option", { name: "the investigation as it goes on" }).click();
  await page.getByRole("button", { name: "Make a link" }).click();
  const link = await page.getByLabel("Link", { exact: true }).inputValue();
  await noBarrier(page);

  const reader = await (await browser.newContext()).newPage();
  await reader.goto(link);
  await expect(
    reader.getByRole("heading", { name: "A leaking cistern", exact: true }),
  ).toBeVisible();
  await expect(reader.getByRole("img", { name: /^Page 1 of/ })).toBeVisible();
  expect(await reader.locator('meta[name="robots"]').getAttribute("content")).toContain("noindex");
  await reader.getByLabel("Language").selectOption("de");
  await expect(reader.getByRole("button", { name: "Ausgeben" })).toBeVisible();
  await expect(reader.getByLabel("Sprache")).toBeFocused();
  await reader.getByLabel("Sprache").selectOption("en");
  const download = reader.waitForEvent("download");
  await reader.getByRole("button", { name: "Take out" }).click();
  await reader.getByRole("menuitem", { name: "This table as CSV" }).click();
  expect((await download).suggestedFilename()).toMatch(/cistern.*\.csv$/);

  const writer = await page.context().newPage();
  await writer.goto(sheet);
  await writer.getByLabel("Title of the investigation").fill("A cistern that leaks");
  await expect(reader.getByRole("heading", { name: "A cistern that leaks" })).toBeVisible();
  await page.reload();
  await expect(page.getByText("opened once")).toBeVisible();
  await page.getByRole("button", { name: /^Revoke link/ }).click();
  await expect(reader.getByText("This link leads nowhere")).toBeVisible({ timeout: 3000 });
});

test("a copy as it was stays as it was, and shows a report that nobody laid out", async ({
  page,
  browser,
}) => {
  await openSheet(page, "rule");
  await kept(page);
  const id = new URL(page.url()).pathname.split("/")[2]!;
  const writer = await page.context().newPage();
  await writer.goto(`${sharedPlace()}/copies/${id}`);
  await writer.getByRole("button", { name: "Make a link" }).click();
  const link = await writer.getByLabel("Link", { exact: true }).inputValue();
  const before = await page.getByLabel("Title of the investigation").inputValue();
  await page.getByLabel("Title of the investigation").fill("Another title");
  await kept(page);
  const reader = await (await browser.newContext()).newPage();
  await reader.goto(link);
  await expect(reader.getByText("Reading copy, as it was")).toBeVisible();
  await expect(reader.getByRole("heading", { level: 1, name: before || "Untitled" })).toBeVisible();
  await expect(reader.getByRole("img", { name: /^Page 1 of/ })).toBeVisible();
  await noBarrier(reader);
  await reader.goto(`${sharedPlace()}/read#guessed`);
  await reader.reload();
  await expect(reader.getByText("This link leads nowhere")).toBeVisible();
  await noBarrier(reader);
});
