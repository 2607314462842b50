import { readFileSync } from "node:fs";
import { type Browser, expect, type Page } from "@playwright/test";
import { unzipSync } from "fflate";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { startScratchPlace } from "../../scripts/provision/server.mjs";
import { kept } from "./bench";
import { beginAccount, invitedByCommand, joinAs, password, setExperiment } from "./school";
import { test } from "./test";

const opened = async (browser: Browser) => (await browser.newContext()).newPage();
const cell = (page: Page, at: string) => page.locator(`[data-cell="${at}"]`);

async function type(page: Page, at: string, text: string): Promise<void> {
  await cell(page, at).click();
  await page.keyboard.type(text);
  await page.keyboard.press("Enter");
}

/** The first teacher, by the command's link, with a class; its code. */
async function firstClass(teacher: Page, link: string): Promise<string> {
  await beginAccount(teacher, link, "mara");
  await teacher.getByLabel("Name of the class").fill("Physics 10c");
  await teacher.getByRole("button", { name: "Make a class" }).click();
  return (await teacher.getByText(/^[A-Z]{4} [2-9A-Y]{4}$/).textContent())!;
}

async function joinByCode(page: Page, address: string, code: string): Promise<void> {
  await page.goto(`${address}/join`);
  await page.getByLabel("Joining code").fill(code);
  await page.getByRole("button", { name: "Go on" }).click();
  await joinAs(page, "Mina", "mina");
}

/** A student from a pasted list, who comes in with the first password and changes it. */
async function joinByList(page: Page, teacher: Page, address: string): Promise<void> {
  await teacher.getByRole("button", { name: "Paste a list of names" }).click();
  await teacher.getByRole("dialog").getByRole("textbox").fill("Bo");
  await teacher.getByRole("button", { name: "Begin 1 account" }).click();
  const sheet = teacher.getByRole("dialog", { name: "First passwords" });
  await expect(sheet.getByRole("listitem")).toHaveCount(1);
  const [, name, given] = await sheet.getByRole("definition").allTextContents();
  await sheet.getByRole("button", { name: "Done" }).click();
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.goto(`${address}/sign-in`);
  await page.getByLabel("Name").fill(name!);
  await page.getByLabel("Password").fill(given!);
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.getByLabel("New password").fill(password);
  await page.getByRole("button", { name: "Go on" }).click();
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
}

async function openSheet(student: Page): Promise<void> {
  await student.reload();
  await student.getByRole("link", { name: /A falling ball/ }).click();
  await expect(student.getByRole("grid")).toBeVisible();
}

/** One goes offline and types on, the other too; both come to the same sheet, and the teacher sees it. */
async function workTogether(mina: Page, bo: Page, teacher: Page): Promise<void> {
  await type(mina, "0 0", "0.25");
  await expect(cell(bo, "0 0")).toContainText("0.25");
  await bo.context().setOffline(true);
  await type(bo, "1 0", "0.50");
  await type(mina, "1 0", "0.75");
  await expect(cell(teacher, "1 0")).toContainText("0.75");
  await bo.context().setOffline(false);
  await kept(bo);
  for (const one of [mina, bo, teacher]) {
    for (const text of ["0.25", "0.50", "0.75"]) {
      await expect(one.getByRole("grid")).toContainText(text);
    }
  }
}

/** Takes everything of an account out, then ends it. */
async function takeOutAndLeave(page: Page, address: string): Promise<void> {
  await page.goto(`${address}/account`);
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Take everything out" }).click();
  const files = Object.keys(unzipSync(readFileSync(await (await download).path())));
  expect(files.some((file) => file.endsWith("readings.csv"))).toBe(true);
  await page.getByRole("button", { name: "Delete the account…" }).click();
  await page.getByRole("dialog").getByLabel("Your password").fill(password);
  await page.getByRole("button", { name: "Delete for good" }).click();
  await expect(page.getByRole("button", { name: "Sign in" })).toBeVisible();
}

/** A teacher without an invitation, on a server that is open to all. */
async function beginAsTeacher(page: Page): Promise<void> {
  await page.getByRole("link", { name: "A new account for a teacher" }).click();
  await page.getByLabel("Name that others see").fill("Noa");
  await page.getByLabel("Name to sign in with").fill("noa");
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("button", { name: "Make a class" })).toBeVisible();
}

test("an empty server becomes a school: a teacher by the command, students by code, link and list, one sheet for three, and one who leaves", async ({
  browser,
}) => {
  const cluster = Cluster.scratch();
  const settings = { FATHOM_RULE_TEACHERS: "open" };
  const server = await startScratchPlace(cluster, { demo: false, settings });
  const served = { address: server.address ?? "", databaseUrl: server.databaseUrl };
  const { address } = served;
  try {
    const teacher = await opened(browser);
    const code = await firstClass(teacher, invitedByCommand("Mara", served));
    const [mina, joss, bo] = [await opened(browser), await opened(browser), await opened(browser)];
    await joinByCode(mina, address, code);
    await joss.goto(`${address}/join#${code.replace(" ", "-")}`);
    await joinAs(joss, "Joss", "joss");
    await joinByList(bo, teacher, address);
    await teacher.reload();
    await expect(teacher.getByText("3 students")).toBeVisible();
    await setExperiment(teacher, "A falling ball");
    await teacher.getByRole("button", { name: "At random in twos" }).click();
    await expect(teacher.getByText("Everybody sits at a bench.")).toBeVisible();
    await teacher.getByRole("link", { name: "Read the sheet of bench 1" }).click();
    await openSheet(mina);
    await openSheet(bo);
    await workTogether(mina, bo, teacher);
    await takeOutAndLeave(mina, address);
    await expect(bo.getByRole("grid")).toContainText("0.75");
    await beginAsTeacher(mina);
  } finally {
    await server.stop();
    cluster.remove();
  }
});
