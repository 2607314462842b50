import { expect, type Page } from "@playwright/test";
import { noBarrier } from "./barriers";
import { sharedPlace, signIn } from "./bench";
import { joinAs } from "./school";
import { test } from "./test";

const signInName = (name: string) => `${name}-${Date.now().toString(36)}`.toLowerCase();

/** A class of the demo's teacher, made on her shelf. */
async function makeClass(page: Page, name: string): Promise<string> {
  await signIn(page, sharedPlace(), "greta");
  await page.getByLabel("Name of the class").fill(name);
  await page.getByRole("button", { name: "Make a class" }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();
  const code = page.getByText(/^[A-Z]{4} [2-9A-Y]{4}$/);
  return (await code.textContent())!;
}

test("students join by code, by link and with an account that is there; the teacher sees and helps them", async ({
  page,
  browser,
}) => {
  const name = `Physics ${Date.now().toString(36)}`;
  const code = await makeClass(page, name);
  await expect(page.getByText("Nobody has joined yet.")).toBeVisible();
  await expect(page.getByRole("img", { name: /Picture of the link/ })).toBeVisible();
  await noBarrier(page);

  const mina = await (await browser.newContext()).newPage();
  await mina.goto(`${sharedPlace()}/sign-in`);
  await mina.getByRole("link", { name: "Join a class" }).click();
  await noBarrier(mina);
  await mina.getByLabel("Joining code").fill("TIDE 0000");
  await mina.getByRole("button", { name: "Go on" }).click();
  await expect(mina.getByText("No class is open by this code.")).toBeVisible();
  await mina.getByLabel("Joining code").fill(code.toLowerCase());
  await mina.getByRole("button", { name: "Go on" }).click();
  await expect(mina.getByRole("heading", { name: `Join ${name}` })).toBeVisible();
  const minas = signInName("mina");
  await joinAs(mina, "Mina", minas);
  await expect(mina.getByText(name)).toBeVisible();

  const joss = await (await browser.newContext()).newPage();
  await joss.goto(`${sharedPlace()}/join#${code.replace(" ", "-")}`);
  await joinAs(joss, "Joss", signInName("joss"));

  const ines = await (await browser.newContext()).newPage();
  await signIn(ines);
  await ines.goto(`${sharedPlace()}/join#${code.replace(" ", "-")}`);
  await ines.getByRole("button", { name: "Join as Ines" }).click();
  await expect(ines.getByRole("heading", { name: "Shelf" })).toBeVisible();
  await expect(ines.getByText(name)).toBeVisible();

  await page.reload();
  await expect(page.getByText("3 students")).toBeVisible();
  await page.getByRole("button", { name: "What to do with Joss" }).click();
  await page.getByRole("menuitem", { name: "Take out of the class" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Take out" }).click();
  await expect(page.getByText("2 students")).toBeVisible();
  await page.getByRole("button", { name: "What to do with Mina" }).click();
  await page.getByRole("menuitem", { name: "New first password" }).click();
  const given = (await page.getByRole("dialog").getByRole("definition").nth(1).textContent())!;
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByText("first password, not changed yet")).toBeVisible();

  await mina.goto(`${sharedPlace()}/sign-in`);
  await mina.getByLabel("Name").fill(minas);
  await mina.getByLabel("Password").fill(given);
  await mina.getByRole("button", { name: "Sign in" }).click();
  await expect(mina.getByRole("heading", { name: "Welcome, Mina" })).toBeVisible();
  await mina.goto(`${sharedPlace()}/account`);
  await expect(mina.getByRole("heading", { name: "Welcome, Mina" })).toBeVisible();
  await mina.getByLabel("New password").fill("five white gulls");
  await mina.getByRole("button", { name: "Go on" }).click();
  await expect(mina.getByRole("heading", { name: "Shelf" })).toBeVisible();
});

test("a pasted list becomes accounts on a sheet to print; one of them comes in with their first password", async ({
  page,
  browser,
}) => {
  await makeClass(page, `Lists ${Date.now().toString(36)}`);
  await page.getByRole("button", { name: "Paste a list of names" }).click();
  const tag = Date.now().toString(36);
  const list = page.getByRole("dialog").getByRole("textbox");
  await list.fill(Array.from({ length: 500 }, (_, i) => `Name ${i}`).join("\n"));
  await expect(page.getByText("The list has 500 names.")).toBeVisible();
  await list.fill(`Pia ${tag}\n\nNoor ${tag}\npia ${tag}\n${"x".repeat(200)}`);
  await expect(page.getByText(/one of this name already: pia/)).toBeVisible();
  await expect(page.getByText(/at most sixty letters: xxx/)).toBeVisible();
  await noBarrier(page);
  await page.getByRole("button", { name: "Begin 2 accounts" }).click();
  const sheet = page.getByRole("dialog", { name: "First passwords" });
  await expect(sheet.getByRole("listitem")).toHaveCount(2);
  const [, signsIn, given] = await sheet
    .getByRole("listitem")
    .filter({ hasText: "Pia" })
    .getByRole("definition")
    .allTextContents();
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("heading", { name: "People" })).toBeHidden();
  await page.emulateMedia({ media: "screen" });
  await sheet.getByRole("button", { name: "Done" }).click();
  await expect(page.getByText("2 students")).toBeVisible();

  const pia = await (await browser.newContext()).newPage();
  await pia.goto(`${sharedPlace()}/sign-in`);
  await pia.getByLabel("Name").fill(signsIn!);
  await pia.getByLabel("Password").fill(given!);
  await pia.getByRole("button", { name: "Sign in" }).click();
  await expect(pia.getByRole("heading", { name: `Welcome, Pia ${tag}` })).toBeVisible();
});

test("one who has an account already comes back to the class after signing in", async ({
  page,
  browser,
}) => {
  const name = `Joined ${Date.now().toString(36)}`;
  const code = await makeClass(page, name);
  const tobi = await (await browser.newContext()).newPage();
  await tobi.goto(`${sharedPlace()}/join#${code.replace(" ", "-")}`);
  await tobi.getByRole("link", { name: "I have an account already" }).click();
  await tobi.getByLabel("Name", { exact: true }).fill("tobi");
  await tobi.getByLabel("Password").fill("spring-tide");
  await tobi.getByRole("button", { name: "Sign in" }).click();
  await expect(tobi.getByRole("button", { name: "Join as Tobi" })).toBeVisible();
});

test("a class is its teachers’ alone, and nobody joins once joining is closed or the class put by", async ({
  page,
  browser,
}) => {
  const name = `Chemistry ${Date.now().toString(36)}`;
  const code = await makeClass(page, name);
  const address = page.url();
  const ines = await (await browser.newContext()).newPage();
  await signIn(ines);
  await ines.goto(address);
  await expect(ines.getByText("Nothing stands here")).toBeVisible();
  await expect(ines.getByLabel("Name of the class")).toHaveCount(0);

  await page.getByRole("button", { name: "Close joining" }).click();
  await expect(page.getByText("Nobody can join just now.")).toBeVisible();
  await ines.goto(`${sharedPlace()}/join#${code.replace(" ", "-")}`);
  await expect(ines.getByText("No class is open by this code.")).toBeVisible();
  await page.getByRole("button", { name: "Open joining" }).click();
  await page.getByRole("button", { name: "Make another code" }).click();
  await expect(page.getByText(code)).toHaveCount(0);
  await page.getByLabel("Name of the class").fill(`${name}, second half`);
  await page.getByRole("button", { name: "Change the name" }).click();
  await expect(page.getByRole("heading", { name: `${name}, second half` })).toBeVisible();
  await page.getByRole("button", { name: "Put the class by" }).click();
  await expect(page.getByText("The class is put by: nobody can join.")).toBeVisible();
  await page.getByRole("button", { name: "What to do with Greta" }).focus();
  await page.keyboard.press("Enter");
  await page.keyboard.press("End");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog")).toBeFocused();
  await page.getByRole("dialog").getByRole("button", { name: "Take out" }).click();
  await expect(page.getByText("the last one stays")).toBeVisible();
});
