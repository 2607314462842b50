import { request as overTls } from "node:https";
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type Browser, expect, type Page } from "@playwright/test";
import { Cluster } from "../../scripts/provision/cluster.mjs";
import { root } from "../../scripts/provision/run.mjs";
import { Nginx } from "../../scripts/provision/nginx.mjs";
import { startScratchPlace } from "../../scripts/provision/server.mjs";
import { test } from "./test";

const cluster = Cluster.scratch();
const nginx = new Nginx();
let server: Awaited<ReturnType<typeof startScratchPlace>> | undefined;

test.describe.configure({ mode: "serial" });

test.beforeAll(async () => {
  const settings = { PUBLIC_URL: await nginx.reserve(), FATHOM_RULE_PROXIES: "1", FATHOM_RULE_TRIES_OF_ADDRESS: "5" };
  server = await startScratchPlace(cluster, { settings });
  await nginx.start(new URL(server.address ?? "").port);
}); // prettier-ignore

test.afterAll(async () => {
  await nginx.stop();
  await server?.stop();
  cluster.remove();
});

const address = () => nginx.address ?? "";

async function windowOf(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ ignoreHTTPSErrors: true });
  const page = await context.newPage();
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  return page;
}

test("signed in over TLS and HTTP/2 with a cookie that goes nowhere else; another window hears an edit at once", async ({ browser }) => {
  const page = await windowOf(browser);
  const sentOn = await fetch(`${nginx.plain}/sign-in`, { redirect: "manual" });
  expect(sentOn.headers.get("location")).toBe("https://localhost/sign-in");
  await page.goto(`${address()}/sign-in`);
  await page.getByRole("textbox", { name: "Name" }).fill("ines");
  await page.getByLabel("Password").fill("slack-water");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
  const [cookie] = await page.context().cookies();
  expect(cookie).toMatchObject({ secure: true, httpOnly: true });
  const protocol = await page.evaluate(() => (performance.getEntriesByType("navigation")[0] as PerformanceResourceTiming).nextHopProtocol);
  expect(protocol).toBe("h2");
  await page.getByRole("link", { name: /Springiness|Stiffness/ }).first().click();
  await expect(page.getByRole("grid")).toBeVisible();
  const other = await page.context().newPage();
  await other.goto(page.url());
  await expect(other.getByRole("grid")).toBeVisible();
  const cell = page.locator('[data-cell="1 0"]');
  await cell.click();
  await page.keyboard.type("0.123");
  await page.keyboard.press("Enter");
  await expect(other.locator('[data-cell="1 0"]')).toContainText("0.123", { timeout: 3000 });
}); // prettier-ignore

/** A wrong try to sign in, with an address in the header that the browser made up. */
function wrongTry(name: string, feigned: string): Promise<number> {
  const body = JSON.stringify({ name, password: "certainly-wrong" });
  const headers = { "content-type": "application/json", origin: address(), "x-forwarded-for": feigned };
  return new Promise((resolve, reject) => {
    const sent = overTls(`${address()}/api/sign-in`, { method: "POST", headers, rejectUnauthorized: false }, (answer) => {
      answer.resume();
      resolve(answer.statusCode ?? 0);
    });
    sent.on("error", reject);
    sent.end(body);
  });
} // prettier-ignore

test("who makes up addresses is counted by their own", async () => {
  const answers: number[] = [];
  for (let turn = 0; turn < 7; turn++) answers.push(await wrongTry(`nobody${turn}`, `10.0.0.${turn}`));
  expect(answers.slice(0, 5)).toEqual([401, 401, 401, 401, 401]);
  expect(answers.at(-1)).toBe(429);
}); // prettier-ignore

test("the unit for systemd is one", () => {
  const folder = mkdtempSync(join(tmpdir(), "fathom-rule-unit-"));
  const unit = readFileSync(join(root, "deploy/fathom-rule.service"), "utf8");
  const file = join(folder, "fathom-rule.service");
  writeFileSync(file, unit.replace("/usr/bin/node", process.execPath));
  const { stdout, stderr } = spawnSync("systemd-analyze", ["verify", file], { encoding: "utf8" });
  expect(`${stdout}${stderr}`.split("\n").filter((line) => line.includes("fathom-rule"))).toEqual([]);
}); // prettier-ignore
