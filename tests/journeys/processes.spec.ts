import { type ChildProcess, execFileSync } from "node:child_process";
import { type Browser, expect, type Page } from "@playwright/test";
import { Client } from "pg";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { PgBouncer } from "../../scripts/provision/pgbouncer.mjs";
import { freePort } from "../../scripts/provision/run.mjs";
import { migrate, Server } from "../../scripts/provision/server.mjs";
import { cellAt as cell, kept, signIn, start, typeAt } from "./bench";
import { test } from "./test";

const cluster = Cluster.scratch();
let replica: Cluster;
const pool = new PgBouncer();
let server: Server;
let metricsPort = 0;

test.describe.configure({ mode: "serial" });

test.beforeAll(async () => {
  const database = await cluster.start();
  await migrate(database, { demo: true, built: true });
  replica = cluster.replica();
  metricsPort = await freePort();
  const addresses = { DATABASE_LISTEN_URL: database, DATABASE_READ_URL: await replica.start() };
  const settings = { ...addresses, FATHOM_RULE_METRICS_PORT: String(metricsPort), LOG_LEVEL: "fatal" };
  server = new Server(await pool.start(database), { settings, args: ["--processes", "2"] });
  await server.start();
}); // prettier-ignore

test.afterAll(async () => {
  await server?.stop();
  await pool.stop();
  replica?.remove();
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

/** What the processes have counted under a name, together. */
async function counted(name: string): Promise<number> {
  const answer = await fetch(`http://127.0.0.1:${metricsPort}/metrics`);
  const line = (await answer.text()).split("\n").find((one) => one.startsWith(`fathom_rule_${name} `));
  return Number(line?.split(" ").at(-1) ?? 0);
} // prettier-ignore

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
  expect(await counted('edits_total{outcome="taken"}')).toBeGreaterThanOrEqual(4);
  expect(await counted("streams")).toBe(4);

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

const fromReplica = 'reads_total{from="replica"}';
const fromDatabase = 'reads_total{from="database"}';

/** Begins an investigation and comes back to the shelf, where it is to stand. */
async function beginAnother(page: Page): Promise<void> {
  await page.goto(`${server.address}/shelf`);
  await start(page);
  const { pathname } = new URL(page.url());
  const [, , id] = pathname.split("/");
  await page.goto(`${server.address}/shelf`);
  await expect(page.locator(`a[href*="${id}"]`).first()).toBeVisible({ timeout: 3000 });
}

async function askReplica(sql: string): Promise<void> {
  const client = new Client({ connectionString: replica.url });
  await client.connect();
  await client.query(sql);
  await client.end();
}

test("shelves are read from the replica once it has what was made last; from the database while it is behind or gone", async ({ page }) => {
  await signIn(page, server.address);
  await beginAnother(page);
  expect(await counted(fromReplica)).toBeGreaterThan(0);

  await askReplica("select pg_wal_replay_pause()");
  const before = await counted(fromDatabase);
  await beginAnother(page);
  expect(await counted(fromDatabase)).toBeGreaterThan(before);
  await askReplica("select pg_wal_replay_resume()");
  const then = await counted(fromReplica);
  await expect.poll(() => page.reload().then(() => counted(fromReplica))).toBeGreaterThan(then);

  replica.stop("immediate");
  await beginAnother(page);
}); // prettier-ignore
