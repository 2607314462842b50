import { expect } from "@playwright/test";
import { allHere, sharedPlace, stage, startSample } from "./bench";
import { heardOn } from "./pseudoChecks";
import { beginAccount, invitedByCommand } from "./school";
import { test } from "./test";

test.use({ locale: "en-GB" });

const stages = ["measure", "derive", "straighten", "plot", "slope", "conclude", "writeup"];

const unlike = (one: readonly string[], other: readonly string[]) =>
  one.filter((text) => !other.includes(text) && !/^\d\d:\d\d$/.test(text));

test("once the language is changed every stage says what it says to whoever opens it in that language", async ({
  page,
}) => {
  await beginAccount(page, invitedByCommand("Ona"), `ona-${Date.now().toString(36)}`);
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await startSample(page, "Springiness of a clamped rule");
  await allHere(page);
  const opened = page.url().replace(/\/measure$/, "");
  const fresh = await page.context().newPage();
  const choice = page.locator("header").getByRole("combobox", { name: /^(Language|Sprache)$/ });
  for (const [index, stage] of stages.entries()) {
    await page.keyboard.press(`Alt+${index + 1}`);
    await expect(page).toHaveURL(new RegExp(`/${stage}$`));
    // Whoever comes to another stage is told so once it is there, and a change of the language says no more of it.
    if (index > 0) await expect(page.getByTestId("spoken")).not.toBeEmpty();
    await choice.selectOption("en");
    await expect(page.getByRole("navigation", { name: "Stages" })).toBeVisible();
    await allHere(page);
    await choice.selectOption("de");
    await expect(page.getByRole("navigation", { name: "Stufen" })).toBeVisible();
    await fresh.goto(`${opened}/${stage}`);
    await allHere(fresh);
    await expect
      .poll(async () => {
        const [changed, anew] = [await heardOn(page), await heardOn(fresh)];
        return [unlike(changed, anew), unlike(anew, changed)];
      })
      .toEqual([[], []]);
  }
});

test("what stands open stays so when the language changes, and so does what can be undone", async ({
  page,
}) => {
  await beginAccount(page, invitedByCommand("Ona"), `open-${Date.now().toString(36)}`);
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await startSample(page, "Springiness of a clamped rule");
  const title = page.getByRole("textbox", { name: /^Tit(le|el) / });
  await title.fill("Swinging rule");
  await stage(page, "Plot");
  const drawer = page.locator("[data-drawer]");
  await drawer.getByRole("button", { name: "Readings" }).click();
  await expect(drawer.getByRole("grid")).toBeVisible();
  const kept = page.waitForResponse(/api\/language$/);
  await page.getByLabel("Language").selectOption("de");
  await kept;
  await expect(page.getByRole("navigation", { name: "Stufen" })).toBeVisible();
  await page.getByRole("link", { name: "Steigung" }).click();
  await expect(page.getByTestId("ledger")).toBeVisible();
  await expect(drawer.getByRole("grid")).toBeVisible();
  await page.getByRole("button", { name: /^Rückgängig/ }).click();
  await expect(title).toHaveValue("Springiness of a clamped rule");
  await expect(drawer.getByRole("grid")).toBeVisible();
  await page.goto(`${sharedPlace()}/shelf`);
  await expect(page.getByRole("heading", { name: "Regal" })).toBeVisible();
  await expect(page.getByLabel("Sprache", { exact: true })).not.toBeFocused();
});

test("a language that can't be fetched is told beside its choice, and comes once it can", async ({
  page,
}) => {
  await page.goto(`${sharedPlace()}/sign-in`);
  const choice = page.getByLabel("Language");
  await page.context().setOffline(true);
  await choice.selectOption("de");
  await expect
    .poll(() => choice.evaluate((one: HTMLSelectElement) => one.validationMessage))
    .toBe("Deutsch is not on this device yet, and the server does not answer.");
  await expect(choice).toHaveValue("en");
  await expect(choice).toBeFocused();
  await page.context().setOffline(false);
  await choice.selectOption("de");
  await expect(page.getByRole("button", { name: "Anmelden" })).toBeVisible();
  await expect(page.getByLabel("Sprache")).toHaveJSProperty("validationMessage", "");
});

test("of two languages chosen one after the other the last is spoken, whichever comes first", async ({
  page,
}) => {
  const cookie = { name: "fathom_rule_language", value: "pseudo", url: sharedPlace() };
  await page.context().addCookies([cookie]);
  await page.goto(`${sharedPlace()}/sign-in`);
  const choice = page.getByRole("combobox");
  await expect(choice).toHaveValue("pseudo");
  let came = 0;
  await page.route("**/_next/static/**", async (route) => {
    await page.waitForTimeout(800);
    await route.continue();
    came++;
  });
  await choice.selectOption("de");
  await choice.selectOption("en");
  await expect(page.getByRole("button", { name: "Sign in" })).toBeVisible();
  await expect.poll(() => came).toBeGreaterThan(0);
  await page.waitForTimeout(500);
  await expect(page.getByRole("button", { name: "Sign in" })).toBeVisible();
  const kept = await page.context().cookies();
  expect(kept.find(({ name }) => name === cookie.name)?.value).toBe("en");
});
