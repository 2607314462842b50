import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { Client } from "pg";
import {
  allHere,
  kept,
  openSheet,
  paste,
  rowTexts,
  sharedPlace,
  signIn,
  stage,
  start,
} from "./bench";
import { test } from "./test";

const row1 = (page: Page) => page.locator('[aria-rowindex="2"]').getByRole("gridcell").nth(1);

/** Types into the second cell of the first row, which is a time. */
async function typeTime(page: Page, text: string): Promise<void> {
  await row1(page).click();
  await page.keyboard.type(text);
  await page.keyboard.press("Enter");
}

/** Signs in and brings the clamped rule in; the server has all of it. */
async function openRule(page: Page): Promise<void> {
  await openSheet(page, "rule");
  await kept(page);
}

test("two who typed offline into one cell are both told, and the replaced value can be put back", async ({
  browser,
}) => {
  const [ines, other] = [await browser.newContext(), await browser.newContext()];
  const [here, there] = [await ines.newPage(), await other.newPage()];
  await openSheet(here, "rule");
  await signIn(there);
  await there.goto(here.url());
  await expect(row1(there)).toBeVisible();
  await ines.setOffline(true);
  await other.setOffline(true);
  await typeTime(here, "4.11");
  await typeTime(there, "4.22");
  await expect(here.getByTestId("saving")).toContainText("Kept on this device");
  await ines.setOffline(false);
  await kept(here);
  await other.setOffline(false);
  await kept(there);
  await expect(here.getByText("row 1: your 4.11 was replaced")).toBeVisible();
  await expect(there.getByText("1 value was replaced")).toBeVisible();
  for (const page of [here, there]) await expect(row1(page)).toContainText("4.22");
  await there.getByRole("button", { name: "See which" }).click();
  await expect(there.getByRole("dialog")).toContainText("your 4.22 took the place of your other window’s 4.11"); // prettier-ignore
  await there.getByRole("button", { name: "I have seen these" }).click();
  await expect(there.getByText("1 value was replaced")).toBeHidden();
  await here.reload();
  await expect(here.getByText("row 1: your 4.11 was replaced")).toBeVisible();
  await here.getByRole("button", { name: "Put mine back" }).click();
  for (const page of [here, there]) await expect(row1(page)).toContainText("4.11");
  await expect(here.getByText("your 4.11 was replaced")).toBeHidden();
});

test("readings and a long table that came without a connection are all kept", async ({
  page,
  context,
}) => {
  await signIn(page);
  await start(page);
  await allHere(page);
  await context.setOffline(true);
  for (const text of ["1.1", "1.2", "1.3", "1.4"]) {
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  }
  const lines = Array.from({ length: 3000 }, (_, n) =>
    Array(6)
      .fill((n + 10.5).toFixed(4))
      .join("\t"),
  );
  await paste(page, lines.join("\n"));
  await expect(page.getByRole("gridcell").filter({ hasText: "10.5000" }).first()).toBeVisible();
  await expect(page.getByTestId("saving")).toContainText("Kept on this device");
  await context.setOffline(false);
  await kept(page);
  await page.reload();
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  expect(await rowTexts(page, 4)).toContain("1.4");
  await page.keyboard.press("Control+End");
  await expect(page.getByRole("gridcell").filter({ hasText: "3009.5000" }).first()).toBeVisible();
});

test("a change that the server won't take waits in a list: named, taken out as a file, tried again", async ({
  page,
}) => {
  await openSheet(page, "rule");
  await page.route("**/edits", (route) =>
    route.request().postData()?.includes("4.66")
      ? route.fulfill({ status: 400, json: { reason: "no" } })
      : route.continue(),
  );
  await typeTime(page, "4.66");
  await expect(page.getByText("1 change was not taken")).toBeVisible();
  await expect(row1(page)).not.toContainText("4.66");
  await typeTime(page, "4.12");
  await kept(page);
  await page.unroute("**/edits");
  await page.reload();
  await page.getByRole("button", { name: "See them" }).click();
  const list = page.getByRole("dialog");
  await expect(list).toContainText("in row 1: 4.66");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    list.getByRole("button", { name: "Take out as a file" }).click(),
  ]);
  expect(readFileSync(await file.path(), "utf8")).toContain("in row 1: 4.66");
  await list.getByRole("button", { name: "Try again" }).click();
  await expect(row1(page)).toContainText("4.66");
  await kept(page);
  await expect(page.getByText("not taken by the server")).toBeHidden();
});

test("eight tabs of one browser, more than it has connections, work side by side on one stream", async ({
  context,
  page,
}) => {
  await openSheet(page, "rule");
  const tabs = [page];
  while (tabs.length < 8) {
    const tab = await context.newPage();
    await tab.goto(page.url());
    await expect(row1(tab)).toBeVisible();
    tabs.push(tab);
  }
  const last = tabs.at(-1)!;
  await typeTime(last, "4.44");
  await kept(last);
  for (const tab of [tabs[0]!, tabs[4]!]) await expect(row1(tab)).toContainText("4.44");
  await tabs[0]!.close();
  await typeTime(tabs[5]!, "4.55");
  await kept(tabs[5]!);
  await expect(row1(last)).toContainText("4.55");
});

test("what can't be read opens as a page that says so, and goes back to its last good state", async ({
  page,
}) => {
  await openSheet(page, "rule");
  await typeTime(page, "4.33");
  await kept(page);
  const id = new URL(page.url()).pathname.split("/")[2];
  await stage(page, "Plot");
  const database = new Client({ connectionString: process.env.PLACE_DATABASE });
  await database.connect();
  await database.query(
    `with spoilt as (update investigations set document = jsonb_set(document, '{tables}', '{}'), revision = revision + 1
       where id = $1 returning revision)
     insert into edits (investigation_id, revision, id, author_id, act, patches, inverse, made_at)
     select $1, spoilt.revision, 'spoilt-edit', (select owner_id from investigations where id = $1), 'odd', '[{"op":"replace","path":["tables"],"value":{}}]',
       '[{"op":"replace","path":["tables"],"value":{"main":{"order":"a0","name":""}}}]', now() from spoilt`,
    [id],
  );
  await database.end();
  await page.goto(`${sharedPlace()}/investigation/${id}/measure`);
  await expect(page.getByRole("heading")).toContainText("can’t be shown as it stands");
  await page.getByRole("button", { name: "Go back to the last good state" }).click();
  await expect(row1(page)).toContainText("4.33");
  await typeTime(page, "4.34");
  await kept(page);
});

test("a page that is older than the server says so, keeps what is typed, and sends it once it is loaded anew", async ({
  page,
}) => {
  await openRule(page);
  await page.route("**/edits", (route) =>
    route.continue({ headers: { ...route.request().headers(), "x-fathom-rule-version": "1.1" } }),
  );
  await typeTime(page, "4.79");
  const saving = page.getByTestId("saving");
  await expect(saving).toContainText("The server is newer than this page.");
  await page.unroute("**/edits");
  await saving.getByRole("button", { name: "Reload" }).click();
  await kept(page);
  await page.reload();
  await expect(page.getByText("4.79")).toBeVisible();
});

test("signing out asks about what is on this device only, and leaves nothing else there", async ({
  page,
}) => {
  await openRule(page);
  const address = page.url();
  await page.route("**/edits", (route) => route.abort());
  await typeTime(page, "4.77");
  await expect(page.getByTestId("saving")).toContainText("Kept on this device");
  const signOut = page.getByRole("button", { name: "Sign out", exact: true });
  await signOut.click();
  await expect(page.getByRole("dialog")).toContainText("in row 1: 4.77");
  await page.getByRole("button", { name: "Stay signed in" }).click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await signOut.click();
  await page.getByRole("button", { name: "Sign out, keep these here" }).click();
  await expect(page.getByLabel("Password")).toBeVisible();
  const left = await page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve) => {
      const request = indexedDB.open("fathom-rule");
      request.onsuccess = () => resolve(request.result);
    });
    const store = database.transaction("investigations").objectStore("investigations");
    return new Promise<string[]>((resolve) => {
      const request = store.getAllKeys();
      request.onsuccess = () => resolve(request.result as string[]);
    });
  });
  expect([...new Set(left.map((key) => key.split("/")[0]))]).toEqual(["edits"]);
  await page.unroute("**/edits");
  await signIn(page);
  await page.goto(address);
  await expect(row1(page)).toContainText("4.77");
  await kept(page);
});
