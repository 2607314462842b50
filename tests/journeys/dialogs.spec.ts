import { expect } from "@playwright/test";
import { noBarrier } from "./barriers";
import { openSheet, stage } from "./bench";
import { test } from "./test";

test("house rules, the preview and the drawer have no barrier, and the drawer reaches every table", async ({
  page,
}) => {
  await openSheet(page, "rule");
  await page.getByRole("button", { name: "House rules" }).click();
  await expect(page.getByRole("heading", { name: "How sure a number is" })).toBeVisible();
  await noBarrier(page);
  await page.keyboard.press("Escape");

  await page.getByRole("button", { name: "Bring in", exact: true }).click();
  const buffer = Buffer.from("length l / m;current I / A\n0,20;0,35\n0,30;0,24\n");
  await page.getByLabel("File").setInputFiles({ name: "wires.csv", mimeType: "", buffer });
  await expect(page.getByRole("dialog")).toContainText("2 rows of 2 quantities");
  await noBarrier(page);
  await page.getByRole("button", { name: "Bring in as a new table" }).click();
  await expect(page.getByLabel("length, row 1")).toHaveValue("0.20");

  await stage(page, "Plot");
  await expect(page.getByRole("button", { name: "Readings", exact: true })).toBeVisible();
  await page.keyboard.press("Alt+0");
  const drawer = page.getByRole("region", { name: "Drawer of readings" });
  await expect(drawer.getByLabel("overhang, row 1")).toBeVisible();
  await drawer.getByRole("button", { name: "wires" }).click();
  await expect(drawer.getByLabel("current, row 2")).toBeVisible();
  await noBarrier(page);
});
