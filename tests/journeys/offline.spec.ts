import { appendFileSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type BrowserContext, chromium, expect, type Page } from "@playwright/test";
import { browserOptions } from "../../scripts/browser";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { type Server, startScratchPlace } from "../../scripts/provision/server.mjs";
import { cellAt, kept, signIn, typeAt } from "./bench";
import { removeProfile } from "../../scripts/removeProfile";
import { test } from "./test";

const cluster = Cluster.scratch();
const profile = mkdtempSync(join(tmpdir(), "fathom-rule-device-"));
let server: Server;
let device: BrowserContext;

test.describe.configure({ mode: "serial" });

/** The same browser on the same laptop, begun again. */
async function openBrowser(): Promise<Page> {
  device = await chromium.launchPersistentContext(profile, {
    ...browserOptions,
    viewport: { width: 1280, height: 800 },
    acceptDownloads: true,
    serviceWorkers: "allow",
  });
  return device.newPage();
}

test.beforeAll(async () => {
  server = await startScratchPlace(cluster);
});

test.afterAll(async () => {
  await device?.close();
  await server?.stop();
  cluster.remove();
  removeProfile(profile);
});

/** The application is on the device, and answers for this page. */
const onDevice = (page: Page) =>
  page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, {
    timeout: 90_000,
  });

const sheet = /Springiness|Stiffness/;

test("the server is pulled away and the browser begun again: a sheet opens, is worked on through all stages and taken out; back comes the server, and has it all", async ({
  browser,
}) => {
  let page = await openBrowser();
  await signIn(page, server.address);
  await page.getByRole("link", { name: sheet }).first().click();
  await typeAt(page, 0, 1, "4.71");
  await page.keyboard.press("Enter");
  await kept(page);
  const address = page.url();
  await onDevice(page);
  await page.goto(`${server.address}/shelf`);
  await expect(page.getByRole("link", { name: sheet }).first()).toContainText("on this device");

  await server.stop("SIGKILL");
  await device.close();
  page = await openBrowser();
  await page.goto(`${server.address}/shelf`);
  await expect(page.getByRole("heading", { name: "On this device" })).toBeVisible();
  await page.getByRole("link", { name: sheet }).first().click();
  await expect(page).toHaveURL(address);
  await expect(cellAt(page, 0, 1)).toContainText("4.71");
  await typeAt(page, 1, 1, "5.28");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/Kept on this device/)).toBeVisible();

  for (const [stage, heading] of [
    ["Plot", /Plot|Figure/],
    ["Slope", /./],
    ["Write up", /./],
  ] as const) {
    await page.getByRole("link", { name: new RegExp(`^${stage}`) }).click();
    await expect(page.getByRole("main").getByRole("heading").first()).toHaveText(heading);
  }
  // What makes them works beside the page, and begins from what the device holds.
  for (const kind of ["PDF", "DOCX"]) {
    const report = page.waitForEvent("download");
    await page.getByRole("button", { name: kind, exact: true }).click();
    expect((await report).suggestedFilename()).toMatch(new RegExp(`\\.${kind}$`, "i"));
  }
  await page.getByRole("link", { name: /^Measure/ }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Take out" }).click();
  await page.getByRole("menuitem", { name: "All tables as XLSX" }).click();
  expect((await download).suggestedFilename()).toMatch(/\.xlsx$/);

  await device.close();
  page = await openBrowser();
  await page.goto(address);
  await expect(cellAt(page, 1, 1)).toContainText("5.28");
  await page.goto(`${server.address}/shelf`);
  await expect(page.getByText(/1 change waits|changes wait/)).toBeVisible();
  await page.getByRole("button", { name: "Look for the server" }).click();
  await expect(page.getByText("The server still does not answer.")).toBeVisible();

  await page.getByRole("link", { name: sheet }).first().click();
  await expect(cellAt(page, 1, 1)).toContainText("5.28");
  await server.start();
  await kept(page);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, server.address);
  await other.goto(address);
  await expect(cellAt(other, 1, 1)).toContainText("5.28");
});

test("a newer version waits while a change is unsent, and is then taken by one press", async () => {
  const file = "public/offline.js";
  const before = readFileSync(file);
  const [page] = device.pages().filter((one) => one.url().includes("/investigation/"));
  if (!page) throw new Error("no sheet is open");
  try {
    await page.route("**/edits", (route) => route.abort());
    await typeAt(page, 2, 1, "5.93");
    await page.keyboard.press("Enter");
    await expect(page.getByTestId("saving")).toContainText("Kept on this device");
    appendFileSync(file, "\n// newer\n");
    await page.evaluate(() => navigator.serviceWorker.ready.then((one) => one.update()));
    await page.waitForFunction(
      () => navigator.serviceWorker.ready.then((one) => one.waiting !== null),
      undefined,
      { timeout: 90_000 },
    );
    const take = page.getByRole("button", { name: "Go on with it" });
    await expect(take).toHaveCount(0);
    await page.unroute("**/edits");
    await kept(page);
    await Promise.all([page.waitForEvent("load"), take.click()]);
    await expect(cellAt(page, 2, 1)).toContainText("5.93");
    await expect(page.getByText("A newer version of Fathom Rule")).toHaveCount(0);
  } finally {
    writeFileSync(file, before);
  }
});
