import { expect, type Page } from "@playwright/test";
import { atEachSize, press } from "./barriers";
import { kept, openSheet, sharedPlace, signIn, typeAt } from "./bench";
import {
  beginAccount,
  classWith,
  invitedByCommand,
  makeClass,
  password,
  setExperiment,
} from "./school";
import { test } from "./test";

const sheet = (page: Page) => page.getByRole("dialog");

async function sheetLookedAt(page: Page, name: string): Promise<void> {
  await expect(sheet(page).getByRole("heading").first(), name).toBeVisible();
  await atEachSize(page, name);
  await page.keyboard.press("Escape");
  await expect(sheet(page), name).toHaveCount(0);
}

async function ofMember(page: Page, member: string, act: string): Promise<void> {
  await press(page, `What to do with ${member}`);
  await page.getByRole("menuitem", { name: act }).press("Enter");
}

test("no sheet of a class has a barrier, at any size: names, first passwords, people, experiments", async ({ page }) => {
  test.setTimeout(300_000);
  await makeClass(page);
  await atEachSize(page, "a class of nobody");
  await press(page, "Paste a list of names");
  const tag = Date.now().toString(36);
  await sheet(page).getByRole("textbox").fill(`Pia ${tag}\nNoor ${tag}\npia ${tag}\n${"x".repeat(200)}`);
  await atEachSize(page, "names to paste");
  await press(page, "Begin 2 accounts");
  await expect(page.getByRole("heading", { name: "First passwords" })).toBeVisible();
  await atEachSize(page, "first passwords");
  await press(page, "Done");
  await expect(page.getByText("2 students")).toBeVisible();
  await atEachSize(page, "people of a class");
  await press(page, `What to do with Pia ${tag}`);
  await atEachSize(page, "what to do with a student");
  await page.keyboard.press("Escape");
  for (const act of ["Rename", "New first password", "Take out of the class"]) {
    await ofMember(page, `Pia ${tag}`, act);
    await sheetLookedAt(page, act);
  }
  await setExperiment(page, "Stiff in twos");
  await atEachSize(page, "benches without anybody");
  await press(page, /^End the experiment/);
  await sheetLookedAt(page, "an experiment to end");
}); // prettier-ignore

test("neither an account nor what is asked before it is deleted has a barrier, at any size", async ({ page }) => {
  test.setTimeout(240_000);
  await page.goto(invitedByCommand("Sela"));
  await atEachSize(page, "an invitation");
  await beginAccount(page, page.url(), `sela-${Date.now().toString(36)}`);
  await page.getByRole("link", { name: "Sela" }).click();
  await expect(page.getByRole("heading", { name: "Your account" })).toBeVisible();
  await page.getByLabel("Your password now").fill(password);
  await page.getByLabel("New password").fill("short");
  await press(page, "Change the password");
  await atEachSize(page, "an account, with a password that is not taken");
  await press(page, /^Delete the account/);
  await sheetLookedAt(page, "an account to delete");
}); // prettier-ignore

test("handing in, what changed since and a bench’s sheet have no barrier, at any size", async ({ page, browser }) => {
  test.setTimeout(300_000);
  const [mina] = await classWith(page, browser, "Mina");
  await setExperiment(page, "Looked at");
  await press(page, "Everyone alone");
  await expect(page.getByText("Everybody sits at a bench.")).toBeVisible();
  await atEachSize(page, "benches");
  await mina.reload();
  await mina.getByRole("link", { name: /Looked at/ }).click();
  const cell = mina.getByRole("gridcell").first().getByRole("textbox");
  await cell.fill("about 4");
  await kept(mina);
  await press(mina, "Hand in…");
  await sheetLookedAt(mina, "what is handed in");
  const handIn = async () => {
    await press(mina, "Hand in…");
    await press(mina, "Hand it in");
    await expect(mina.getByText("It stays as it is until it comes back.")).toBeVisible();
  };
  await handIn();
  await atEachSize(mina, "what is handed in and stays as it is");
  await page.reload();
  await page.getByRole("link", { name: "Read the sheet of bench 1" }).click();
  await press(page, "Give it back");
  await expect(page.getByText("It is back with the bench.")).toBeVisible();
  await cell.fill("4.6");
  await kept(mina);
  await handIn();
  await press(page, "What changed");
  await sheetLookedAt(page, "what changed since handing in");
}); // prettier-ignore

/** Types into a cell of the first row. */
async function typeTime(page: Page, column: number, text: string): Promise<void> {
  await typeAt(page, 0, column, text);
  await page.keyboard.press("Enter");
}

test("what was put aside, what was replaced and what is still here at signing out have no barrier, at any size", async ({ browser }) => {
  test.setTimeout(300_000);
  const [here, there] = [await (await browser.newContext()).newPage(), await (await browser.newContext()).newPage()];
  await openSheet(here, "rule");
  await signIn(there);
  await there.goto(here.url());
  await expect(there.locator('[data-cell="0 1"]')).toBeVisible();
  for (const page of [here, there]) await page.context().setOffline(true);
  for (const [page, text] of [[here, "4.11"], [there, "4.22"]] as const) {
    for (const column of [1, 2]) await typeTime(page, column, text);
    await expect(page.getByTestId("saving")).toContainText("Kept on this device");
  }
  for (const page of [here, there]) {
    await page.context().setOffline(false);
    await kept(page);
  }
  await press(there, "See which");
  await sheetLookedAt(there, "what was replaced");
  await there.context().close();

  await here.route("**/edits", (route) =>
    route.request().postData()?.includes("4.66") ? route.fulfill({ status: 400, json: {} }) : route.continue(),
  );
  await typeTime(here, 1, "4.66");
  await press(here, "See them");
  await sheetLookedAt(here, "what the server did not take");
  await here.unroute("**/edits");
  await here.route("**/edits", (route) => route.abort());
  await typeTime(here, 1, "4.77");
  await expect(here.getByTestId("saving")).toContainText("Kept on this device");
  await press(here, /^Sign out$/);
  await sheetLookedAt(here, "signing out with something still here");
}); // prettier-ignore

test("neither signing in nor joining a class has a barrier, at any size, with what is wrong said", async ({ page }) => {
  test.setTimeout(240_000);
  await page.goto(`${sharedPlace()}/sign-in`);
  await page.getByLabel("Name").fill("marlo");
  await page.getByLabel("Password").fill("wrong");
  await press(page, "Sign in");
  await expect(page.getByText("This name and password do not belong together.")).toBeVisible();
  await atEachSize(page, "signing in");
  await page.getByRole("link", { name: "Join a class" }).click();
  await page.getByLabel("Joining code").fill("TIDE 0000");
  await press(page, "Go on");
  await expect(page.getByText("No class is open by this code.")).toBeVisible();
  await atEachSize(page, "joining a class");
}); // prettier-ignore
