import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, expect, type Page } from "@playwright/test";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { startScratchPlace } from "../../scripts/provision/server.mjs";
import { kept, openSheet, rowTexts, sharedPlace, signIn, stage, start } from "./bench";
import { removeProfile } from "../../scripts/removeProfile";
import { test } from "./test";

/** An application of a test's own, that it may kill. */
async function ownPlace() {
  const cluster = Cluster.scratch();
  const server = await startScratchPlace(cluster);
  const close = async () => {
    await server.stop();
    cluster.remove();
  };
  return { cluster, server, close };
}

async function typeRows(page: Page, from: number, to: number): Promise<void> {
  for (let n = from; n <= to; n++) {
    await page.keyboard.type(`${n}.0`);
    await page.keyboard.press("Tab");
    await page.keyboard.type(`${n}.5`);
    await page.keyboard.press("Tab");
  }
}

async function expectRows(page: Page, count: number): Promise<void> {
  for (let n = 1; n <= count; n++)
    await expect.poll(() => rowTexts(page, n)).toEqual([`${n}.0`, `${n}.5`]);
}

test("two windows see each other's edits at once", async ({ page, context }) => {
  await openSheet(page, "rule");
  await kept(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole("grid")).toBeVisible();
  await kept(other);
  await page.bringToFront();
  await page.keyboard.type("0.777");
  await expect(other.getByRole("textbox", { name: "overhang, row 1" })).toHaveValue("0.777");
  await page.keyboard.press("Control+z");
  await expect(other.getByRole("textbox", { name: "overhang, row 1" })).toHaveValue("0.200");
});

test("what would spoil the document is rolled back, and waits in the list", async ({ page }) => {
  await openSheet(page, "rule");
  await page.route("**/edits", async (route) => {
    const body = route.request().postDataJSON() as { edits: { patches: { value: unknown }[] }[] };
    for (const { patches } of body.edits) for (const patch of patches) patch.value = 7;
    await route.continue({ postData: JSON.stringify(body) });
  });
  await page.keyboard.type("0.9");
  await expect(page.getByText(/not taken by the server/)).toBeVisible();
  await expect.poll(async () => (await rowTexts(page, 1))[0]).toBe("0.200");
});

test("the server killed while typing: every reading is there afterwards", async ({ page }) => {
  const { server, close } = await ownPlace();
  try {
    await signIn(page, server.address);
    await start(page);
    await typeRows(page, 1, 1);
    const typing = typeRows(page, 2, 6);
    await page.waitForTimeout(60);
    await server.stop("SIGKILL");
    await typing;
    await expectRows(page, 6);
    await expect(page.getByTestId("saving")).toContainText("Kept on this device");
    await server.start();
    await kept(page);
    await page.reload();
    await expect(page.getByRole("grid")).toBeVisible();
    await expectRows(page, 6);
  } finally {
    await close();
  }
});

test("PostgreSQL stopped while typing: kept on the device, saved when it is back", async ({
  page,
}) => {
  const { cluster, server, close } = await ownPlace();
  try {
    await signIn(page, server.address);
    await start(page);
    await typeRows(page, 1, 1);
    const typing = typeRows(page, 2, 5);
    await page.waitForTimeout(60);
    cluster.interrupt();
    await typing;
    cluster.stop();
    await page.keyboard.type("6.0");
    await expect(page.getByTestId("saving")).toContainText("Kept on this device");
    await expectRows(page, 5);
    await stage(page, "Slope");
    await expect(page.getByTestId("slope")).toContainText("slope = 1");
    await cluster.start();
    await kept(page);
    await page.reload();
    await stage(page, "Measure");
    await expectRows(page, 5);
  } finally {
    await close();
  }
});

test("the browser closed while PostgreSQL is away: everything is there, and is saved later", async ({}, info) => {
  const { cluster, server, close } = await ownPlace();
  const profile = mkdtempSync(join(tmpdir(), "fathom-rule-browser-"));
  const open = () => chromium.launchPersistentContext(profile, info.project.use.launchOptions);
  try {
    let browser = await open();
    let page = browser.pages()[0]!;
    await signIn(page, server.address);
    await start(page);
    await typeRows(page, 1, 2);
    await kept(page);
    await page.waitForTimeout(2000);
    cluster.stop();
    await typeRows(page, 3, 4);
    await expect(page.getByTestId("saving")).toContainText("Kept on this device");
    const address = page.url();
    await browser.close();

    browser = await open();
    page = browser.pages()[0]!;
    await page.goto(address);
    await expect(page.getByRole("grid")).toBeVisible();
    await expectRows(page, 4);
    await page.getByRole("gridcell", { name: /^x, row 5/ }).click();
    await typeRows(page, 5, 5);
    await cluster.start();
    await kept(page);
    await browser.close();

    const fresh = await chromium.launch(info.project.use.launchOptions);
    const elsewhere = await fresh.newPage();
    await signIn(elsewhere, server.address);
    await elsewhere.goto(address);
    await expect(elsewhere.getByRole("grid")).toBeVisible();
    await expectRows(elsewhere, 5);
    await fresh.close();
  } finally {
    removeProfile(profile);
    await close();
  }
});

test("moving to the shelf and back at once loses nothing", async ({ page }) => {
  await openSheet(page);
  await typeRows(page, 1, 1);
  const address = page.url();
  await page.goto(`${sharedPlace()}/shelf`);
  await page.goto(address);
  await expect(page.getByRole("grid")).toBeVisible();
  await kept(page);
  await expectRows(page, 1);
});
