import { readFileSync } from "node:fs";
import { expect } from "@playwright/test";
import { unzipSync } from "fflate";
import { noBarrier } from "./barriers";
import { kept, sharedPlace, signIn, startSample } from "./bench";
import { beginAccount, invitedByCommand, password } from "./school";
import { test } from "./test";

const signInName = () => `mara-${Date.now().toString(36)}`;

test("the command’s link makes a teacher, once; their account is changed, taken out and deleted", async ({
  page,
  browser,
}) => {
  const link = invitedByCommand("Mara");
  await page.goto(link);
  await expect(page.getByRole("heading", { name: "Welcome, Mara" })).toBeVisible();
  await noBarrier(page);
  await page.getByLabel("Name to sign in with").fill("two words");
  await page.getByLabel("Password").fill("password1");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "letters or digits" })).toBeVisible();
  const name = signInName();
  await beginAccount(page, link, name);
  await startSample(page, "Springiness of a clamped rule");
  await kept(page);
  await page.getByRole("link", { name: "Mara" }).click();
  await expect(page.getByRole("heading", { name: "Your account" })).toBeVisible();
  await noBarrier(page);

  const other = await browser.newPage();
  await other.goto(link);
  await expect(other.getByText("This invitation was used")).toBeVisible();
  await other.request.post(`${sharedPlace()}/api/sign-in`, {
    data: { name, password },
    headers: { origin: sharedPlace() },
  });
  await page.reload();
  await expect(page.getByRole("button", { name: /^Sign out there/ })).toHaveCount(1);
  await page.getByLabel("Name that others see").fill("Mara of the quay");
  await page.getByRole("button", { name: "Change the name" }).click();
  await expect(page.getByText("The name is changed.")).toBeVisible();
  await page.getByLabel("Your password now").fill(password);
  await page.getByLabel("New password").fill("five white gulls");
  await page.getByRole("button", { name: "Change the password" }).click();
  await expect(page.getByText("The password is changed.")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Sign out there/ })).toHaveCount(0);
  await other.goto(`${sharedPlace()}/shelf`);
  await expect(other.getByRole("button", { name: "Sign in" })).toBeVisible();

  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Take everything out" }).click();
  const files = unzipSync(readFileSync(await (await download).path()));
  expect(Object.keys(files).map((file) => file.split("/")[1])).toEqual(
    expect.arrayContaining(["investigation.json", "readings.csv", "write-up.html"]),
  );

  await page.getByRole("button", { name: "Delete the account…" }).click();
  await page.getByRole("dialog").getByLabel("Your password").fill("five white gulls");
  await page.getByRole("button", { name: "Delete for good" }).click();
  await expect(page.getByRole("button", { name: "Sign in" })).toBeVisible();
  const again = await page.request.post(`${sharedPlace()}/api/sign-in`, {
    data: { name, password: "five white gulls" },
    headers: { origin: sharedPlace() },
  });
  expect(again.status()).toBe(401);
});

test("a teacher invites another one by a link that is shown once; students can’t, and the demo stays as it is", async ({
  page,
  browser,
}) => {
  await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
  await beginAccount(page, invitedByCommand("Runa"), signInName());
  await page.getByRole("link", { name: "Runa" }).click();
  await page.getByLabel("Name of the teacher").fill("Jory");
  await page.getByRole("button", { name: "Make a link" }).click();
  await page.getByRole("button", { name: "Copy the link" }).click();
  await expect(page.getByText("Copied.")).toBeVisible();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  await page.reload();
  await expect(page.getByLabel("Link")).toHaveCount(0);

  const invited = await browser.newPage();
  await beginAccount(invited, link, signInName());
  await expect(invited.getByRole("link", { name: "Jory" })).toBeVisible();

  const student = await browser.newPage();
  await signIn(student);
  await student.goto(`${sharedPlace()}/account`);
  await expect(student.getByText("Ines, student")).toBeVisible();
  await expect(student.getByRole("heading", { name: "Invite a teacher" })).toHaveCount(0);
  await student.getByLabel("Name that others see").fill("Nobody");
  await student.getByRole("button", { name: "Change the name" }).click();
  await expect(student.getByText("The accounts of the demo stay as they are.")).toBeVisible();
  await student.goto(invitedByCommand("Ola"));
  await expect(student.getByText("You are signed in as Ines.")).toBeVisible();
  await expect(student.getByLabel("Password")).toHaveCount(0);
  await student.goto(`${sharedPlace()}/register`);
  await expect(student.getByText("Nothing stands here")).toBeVisible();
});
