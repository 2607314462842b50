import { type ChildProcess, execFileSync } from "node:child_process";
import { type Browser, expect, type Page, test } from "@playwright/test";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { PgBouncer } from "../../scripts/provision/pgbouncer.mjs";
import { freePort } from "../../scripts/provision/run.mjs";
import { migrate, Server } from "../../scripts/provision/server.mjs";
import { cellAt as cell, kept, signIn, typeAt } from "./bench";

const cluster = Cluster.scratch();
const pool = new PgBouncer();
let server: Server;
let metricsPort = 0;

test.describe.configure({ mode: "serial" });

test.beforeAll(async () => {
  const database = await cluster.start();
  await migrate(database, { demo: true, built: true });
  metricsPort = await freePort();
  const settings = { DATABASE_LISTEN_URL: database, FATHOM_RULE_METRICS_PORT: String(metricsPort), LOG_LEVEL: "fatal" };
  server = new Server(await pool.start(database), { settings, args: ["--processes", "2"] });
  await server.start();
}); // prettier-ignore

test.afterAll(async () => {
  await server?.stop();
  await pool.stop();
  cluster.remove();
});

/** The processes that serve just now, children of the one that keeps them. */
function serving(): readonly number[] {
  const found = execFileSync(
    "pgrep",
    ["-P", String((server.process as unknown as ChildProcess).pid)],
    { encoding: "utf8" },
  );
  return found.trim().split("\n").map(Number);
}

async function typeInto(page: Page, row: number, column: number, text: string): Promise<void> {
  await typeAt(page, row, column, text);
  await page.keyboard.press("Enter");
}

/** Windows of one person on one sheet, each a browser of its own with connections of its own. */
async function windowsOn(browser: Browser, count: number): Promise<Page[]> {
  const pages: Page[] = [];
  for (let i = 0; i < count; i++) {
    const page = await (await browser.newContext()).newPage();
    await signIn(page, server.address);
    if (pages[0]) await page.goto(pages[0].url());
    else await page.getByRole("link", { name: /Springiness|Stiffness/ }).first().click();
    await expect(page.getByRole("grid")).toBeVisible();
    pages.push(page);
  }
  return pages;
} // prettier-ignore

test("two processes on one port, behind PgBouncer: all windows of a sheet see what is typed in each, and one that is killed is begun again", async ({ browser }) => {
  const pages = await windowsOn(browser, 4);
  for (const [at, page] of pages.entries()) {
    await typeInto(page, 2 * at, 1, `4.${at + 11}`);
    for (const other of pages) await expect(cell(other, 2 * at, 1)).toContainText(`4.${at + 11}`);
  }
  const metrics = await fetch(`http://127.0.0.1:${metricsPort}/metrics`).then((answer) => answer.text());
  const taken = Number(/edits_total\{outcome="taken"\} (\d+)/.exec(metrics)?.[1]);
  expect(taken).toBeGreaterThanOrEqual(4);
  expect(metrics).toContain("fathom_rule_streams 4");

  const before = serving();
  expect(before).toHaveLength(2);
  process.kill(before[0]!, "SIGKILL");
  const [one, , , another] = pages as [Page, Page, Page, Page];
  await typeInto(one, 0, 2, "6.11");
  await typeInto(another, 4, 2, "6.22");
  for (const page of pages) {
    await expect(cell(page, 0, 2)).toContainText("6.11");
    await expect(cell(page, 4, 2)).toContainText("6.22");
  }
  for (const page of [one, another]) await kept(page);
  await expect.poll(() => serving().length).toBe(2);
  expect(serving()).not.toContain(before[0]);
}); // prettier-ignore
