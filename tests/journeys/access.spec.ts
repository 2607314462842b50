import { expect } from "@playwright/test";
import { openSheet, sharedPlace, signIn, start } from "./bench";
import { test } from "./test";

test("someone else's investigation is not found, by page or by door", async ({ page, browser }) => {
  await openSheet(page);
  const id = /investigation\/([^/]+)/.exec(page.url())?.[1];
  const other = await (await browser.newContext()).newPage();
  await signIn(other, sharedPlace(), "tobi");
  const answer = await other.goto(page.url());
  expect(answer?.status()).toBe(404);
  await expect(other.getByText("Nothing stands here")).toBeVisible();
  const door = `${sharedPlace()}/api/investigations/${id}`;
  const data = { since: 0, edits: [] };
  const post = async (headers: Record<string, string>) =>
    (await other.request.post(`${door}/edits`, { data, headers })).status();
  expect(await post({ origin: sharedPlace() })).toBe(404);
  for (const origin of ["http://elsewhere.test", "null"]) expect(await post({ origin })).toBe(403);
  expect(await post({})).toBe(403);
  expect(await post({ origin: sharedPlace(), "content-type": "text/plain" })).toBe(404);
  for (const read of ["document", "stored", "replaced?device=d"]) {
    expect((await other.request.get(`${door}/${read}`)).status()).toBe(404);
  }
  const stream = await other.request.get(`${sharedPlace()}/api/live?of=${id}:0`);
  expect(stream.status()).toBe(404);
});

test("a server says whether it is alive and ready, to anybody", async ({ request }) => {
  const health = await request.get(`${sharedPlace()}/api/health`);
  expect(await health.json()).toEqual({ alive: true });
  const ready = await request.get(`${sharedPlace()}/api/ready`);
  expect([ready.status(), await ready.json()]).toEqual([200, { ready: true }]);
});

test("the licences of libraries and fonts are a link away, before signing in", async ({ page }) => {
  await page.goto(`${sharedPlace()}/sign-in`);
  await page.getByRole("link", { name: "Licences of what this is made with" }).click();
  await expect(page.getByText("@fontsource/stix-two-text").first()).toBeVisible();
  await expect(page.getByText("SIL OPEN FONT LICENSE").first()).toBeVisible();
});

test("signed out, every door leads to sign-in", async ({ page, request }) => {
  await openSheet(page);
  const inside = page.url();
  await page.getByRole("button", { name: "Sign out" }).click();
  await expect(page.getByRole("button", { name: "Sign in" })).toBeVisible();
  for (const door of [inside, `${sharedPlace()}/shelf`, sharedPlace()]) {
    await page.goto(door);
    await expect(page).toHaveURL(/sign-in$/);
  }
  const data = { since: 0, edits: [] };
  const headers = { origin: sharedPlace() };
  const answer = await request.post(`${sharedPlace()}/api/investigations/x/edits`, {
    data,
    headers,
  });
  expect(answer.status()).toBe(401);
});

test("a wrong password is refused in a sentence, the right one opens the shelf", async ({
  page,
}) => {
  await page.goto(`${sharedPlace()}/sign-in`);
  await page.getByLabel("Name").fill("marlo");
  await page.getByLabel("Password").fill("wrong");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByText("This name and password do not belong together.")).toBeVisible();
  await page.getByLabel("Name").fill("ines");
  await page.getByLabel("Password").fill("slack-water");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
});

test("pages carry a strict policy and the cookie is out of reach of scripts", async ({
  page,
  context,
}) => {
  const refusals: string[] = [];
  page.on("console", (message) => {
    if (/Content Security Policy/i.test(message.text())) refusals.push(message.text());
  });
  const answer = await page.goto(`${sharedPlace()}/sign-in`);
  const policy = answer?.headers()["content-security-policy"] ?? "";
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/);
  expect(policy).not.toContain("unsafe-eval");
  expect(answer?.headers()["x-content-type-options"]).toBe("nosniff");
  await signIn(page);
  const [cookie] = await context.cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: "Lax" });
  await start(page, "rule");
  expect(refusals).toEqual([]);
});

test("every answer carries the headers of the house, fonts and pages that are not there included", async ({
  request,
}) => {
  const sheet = (await request.get(`${sharedPlace()}/sign-in`).then((page) => page.text())).match(
    /[^"]+\.css/,
  )?.[0];
  for (const path of ["/sign-in", "/nowhere", "/fonts/nowhere.woff2", "/api/nowhere", `${sheet}`]) {
    const answer = await request.get(new URL(path, sharedPlace()).href);
    const headers = answer.headers();
    expect(headers["x-content-type-options"]).toBe("nosniff");
    expect(headers["x-frame-options"]).toBe("DENY");
    expect(headers["strict-transport-security"]).toBeUndefined();
    expect(await answer.text()).not.toMatch(/<style(?![^>]*nonce)/);
  }
  const secure = { headers: { "x-forwarded-proto": "https" } };
  const overTls = await request.get(`${sharedPlace()}/sign-in`, secure);
  expect(overTls.headers()["strict-transport-security"]).toMatch(/max-age=\d{8}/);
});
