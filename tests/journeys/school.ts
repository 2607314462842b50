import { execFileSync } from "node:child_process";
import { type Browser, expect, type Page } from "@playwright/test";
import { sharedPlace, signIn } from "./bench";

export const password = "four grey gulls";

/** A class of the demo's teacher, with her page on its people; its code. */
export async function makeClass(page: Page): Promise<string> {
  await signIn(page, sharedPlace(), "greta");
  await page.getByLabel("Name of the class").fill(`Benches ${Date.now().toString(36)}`);
  await page.getByRole("button", { name: "Make a class" }).click();
  const code = page.getByText(/^[A-Z]{4} [2-9A-Y]{4}$/);
  return (await code.textContent())!;
}

/** A student who has joined by the code, on their shelf. */
export async function joined(browser: Browser, name: string, code: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  const account = { name, signInName: `${name}-${Date.now().toString(36)}`, password };
  const answer = await page.request.post(`${sharedPlace()}/api/people`, {
    data: { ...account, code },
    headers: { origin: sharedPlace() },
  });
  expect(answer.ok()).toBe(true);
  await page.goto(`${sharedPlace()}/shelf`);
  return page;
}

/** A class of the demo's teacher with students who have joined it, each on their shelf. */
export async function classWith<Names extends readonly string[]>(
  page: Page,
  browser: Browser,
  ...names: Names
): Promise<{ [At in keyof Names]: Page }> {
  const code = await makeClass(page);
  const students: Page[] = [];
  for (const name of names) students.push(await joined(browser, name, code));
  return students as { [At in keyof Names]: Page };
}

export async function setExperiment(page: Page, title: string): Promise<void> {
  await page.getByRole("link", { name: "Set an experiment" }).click();
  await page.getByLabel("Title").fill(title);
  await page.getByRole("button", { name: "Set the experiment" }).click();
  await expect(page.getByRole("heading", { name: title })).toBeVisible();
}

/** Where an application is, and its database. */
interface Served {
  readonly address: string;
  readonly databaseUrl: string;
}

const shared = (): Served => ({
  address: sharedPlace(),
  databaseUrl: process.env.PLACE_DATABASE ?? "",
});

/** The link that the command on the server gives. */
export function invitedByCommand(name: string, served = shared()): string {
  const said = execFileSync("npm", ["run", "-s", "invite", "--", "--teacher", name], {
    encoding: "utf8",
    env: { ...process.env, DATABASE_URL: served.databaseUrl, PUBLIC_URL: served.address },
  });
  return /https?:\S+/.exec(said)![0];
}

export async function beginAccount(page: Page, link: string, name: string): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.goto(link);
  await page.getByLabel("Name to sign in with").fill(name);
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
}

/** Fills in who joins, and is on the shelf. */
export async function joinAs(page: Page, name: string, signsIn: string): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.getByLabel("Name that others see").fill(name);
  await page.getByLabel("Name to sign in with").fill(signsIn);
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Join", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
}
