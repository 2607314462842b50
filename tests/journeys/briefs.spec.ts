import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { kept, sharedPlace, stage, start } from "./bench";
import { madeBrief, margin, received } from "./brief";
import { joined, makeClass } from "./school";
import { test } from "./test";

test("a brief is made and given out; benches read the teacher’s words as they change, keep what is fixed, and never get the accepted value", async ({
  page,
  browser,
}) => {
  const code = await makeClass(page);
  const address = page.url();
  const mina = await joined(browser, "Mina", code);
  const sent = await received(mina);
  await madeBrief(page, "Stiff or not");

  await page.goto(address);
  await page.getByRole("link", { name: "Set an experiment" }).click();
  await page.getByRole("button", { name: /Each bench begins with/ }).click();
  await page.getByRole("option", { name: "Stiff or not · brief" }).first().click();
  await page.getByRole("button", { name: "Set the experiment" }).click();
  await page.getByRole("button", { name: "Everyone alone" }).click();
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();
  await page.getByLabel(/^Due/).fill("2036-12-04T12:00");
  await expect(page.getByText("Kept, and shown to all.")).toBeVisible();
  await noBarrier(page);

  await mina.reload();
  await mina.getByRole("link", { name: /Stiff or not/ }).click();
  const teacher = margin(mina).locator("section").first();
  await expect(teacher).toContainText("How stiff is the steel of this rule?");
  await expect(teacher).toContainText("Time ten swings.");
  await expect(teacher).toContainText("4 Dec 2036, 12:00");
  await expect(teacher).toContainText("A tidy bench");
  await expect(mina.getByRole("main")).toContainText("Time ten swings.");
  await expect(margin(mina).getByLabel("Unit", { exact: true })).toBeDisabled();
  await noBarrier(mina);
  await mina.getByRole("gridcell").first().getByRole("textbox").fill("0.25");
  await kept(mina);
  await page.getByLabel("Words").fill("Time twenty swings.");
  await expect(teacher).toContainText("Time twenty swings.");

  await mina.getByRole("button", { name: /^Hide/ }).click();
  await stage(mina, "Derive");
  await mina.getByLabel("Formula of T", { exact: true }).press("x");
  await expect(mina.getByLabel("Formula of T", { exact: true })).toHaveValue("t_10/10");
  await stage(mina, "Conclude");
  await expect(mina.getByLabel("Value", { exact: true })).toHaveValue("");
  await stage(mina, "Write up");
  await expect(mina.getByText("What is to be found?")).toBeVisible();
  await expect(mina.getByLabel("Prompt")).toHaveCount(0);
  await mina.getByRole("button", { name: "History" }).click();
  await expect(mina.getByRole("dialog").getByRole("heading").first()).toBeVisible();
  expect(sent.length).toBeGreaterThan(5);
  expect(sent.join()).toContain("How stiff is the steel");
  expect(sent.filter((text) => text.includes("217.31"))).toEqual([]);
  await mina.keyboard.press("Escape");
  await mina.getByRole("button", { name: "Hand in…" }).click();
  await expect(mina.getByText("You will then see the accepted value")).toBeVisible();
  await mina.getByRole("button", { name: "Hand it in" }).click();
  await stage(mina, "Conclude");
  await expect(mina.getByLabel("Value", { exact: true })).toHaveValue("217.31");
});

test("a brief is made of an investigation on the shelf, and begun from nothing", async ({ page }) => {
  await makeClass(page);
  await page.goto(`${sharedPlace()}/shelf`);
  await start(page, "rule");
  const title = `Kept ${Date.now().toString(36)}`;
  await page.getByLabel("Title of the investigation").fill(title);
  await kept(page);
  await page.goto(`${sharedPlace()}/shelf`);
  await page.getByRole("button", { name: `What to do with ${title}` }).click();
  await page.getByRole("menuitem", { name: "Make a brief of this" }).click();
  await expect(page.getByText("You are making a brief.")).toBeVisible();
  await expect(page.getByRole("gridcell").first()).toHaveText("");
  await page.goto(`${sharedPlace()}/shelf`);
  await expect(page.getByRole("link", { name: new RegExp(`${title}brief`) }).first()).toBeVisible();
  await page.getByRole("button", { name: "Start a brief" }).click();
  await expect(page.getByText("You are making a brief.")).toBeVisible();
}); // prettier-ignore
