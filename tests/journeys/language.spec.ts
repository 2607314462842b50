import { expect, type Page } from "@playwright/test";
import { allHere, sharedPlace } from "./bench";
import { beginAccount, invitedByCommand, password } from "./school";
import { test } from "./test";

test.use({ locale: "de-DE" });

const signInName = () => `runa-${Date.now().toString(36)}`;

async function enterInGerman(page: Page): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.goto(`${sharedPlace()}/sign-in`);
  await page.getByLabel("Name", { exact: true }).fill("ines");
  await page.getByLabel("Passwort").fill("slack-water");
  await page.getByRole("button", { name: "Anmelden" }).click();
  await expect(page.getByRole("heading", { name: "Regal" })).toBeVisible();
}

test("a browser that prefers German is answered in German, from the door to the last stage", async ({
  page,
}) => {
  await enterInGerman(page);
  await expect(page.locator("html")).toHaveAttribute("lang", "de");
  await page.getByRole("button", { name: "Auswertung beginnen" }).click();
  const rule = page.getByRole("navigation", { name: "Stufen" });
  await expect(rule.getByRole("link")).toHaveText([
    ...[/Messen/, /Berechnen/, /Linearisieren/, /Diagramm/, /Steigung/, /Ergebnis/, /Protokoll/],
  ]);
  await allHere(page);
  for (const [stage, seen] of [
    ["Berechnen", "Noch ist nichts berechnet."],
    ["Ergebnis", "Noch kein Ergebnis"],
    ["Protokoll", "Noch kein Protokoll"],
  ] as const) {
    await rule.getByRole("link", { name: stage }).click();
    await expect(page.getByText(seen).first()).toBeVisible();
  }
});

test("the language is changed from the header: what was typed stays, and wherever one signs in it is spoken", async ({
  browser,
}) => {
  const english = { locale: "en-GB" };
  const page = await (await browser.newContext(english)).newPage();
  const name = signInName();
  await beginAccount(page, invitedByCommand("Runa"), name);
  await page.addInitScript(() => localStorage.setItem("fathom-rule-tour", "ended"));
  await page.getByRole("button", { name: "Start an investigation" }).click();
  await page.getByRole("textbox", { name: "Title of the investigation" }).fill("Harbour wall");
  await page.getByRole("gridcell").first().click();
  await page.keyboard.type("3.20");
  await page.keyboard.press("Enter");
  const kept = page.waitForResponse(/api\/language$/);
  await page.getByLabel("Language").selectOption("de");
  await expect(page.getByRole("navigation", { name: "Stufen" })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("lang", "de");
  await expect(page.getByLabel("Sprache", { exact: true })).toBeFocused();
  await expect(page.getByRole("textbox", { name: "Titel der Auswertung" })).toHaveValue(
    "Harbour wall",
  );
  await expect(page.getByRole("gridcell", { name: /3\.20/ })).toBeVisible();
  await page.getByRole("button", { name: /^Rückgängig/ }).click();
  await expect(page.getByRole("gridcell", { name: /3\.20/ })).toHaveCount(0);
  expect((await kept).ok()).toBe(true);

  const other = await (await browser.newContext(english)).newPage();
  await other.goto(`${sharedPlace()}/sign-in`);
  await other.getByLabel("Name", { exact: true }).fill(name);
  await other.getByLabel("Password").fill(password);
  await other.getByRole("button", { name: "Sign in" }).click();
  await expect(other.getByRole("heading", { name: "Regal" })).toBeVisible();
  await expect(other.getByRole("link", { name: "Harbour wall" })).toBeVisible();
});

test("the language is chosen at the doors, on the page of a class and on that of an account", async ({
  browser,
}) => {
  const page = await (await browser.newContext({ locale: "en-GB" })).newPage();
  await page.goto(`${sharedPlace()}/join`);
  await page.getByLabel("Language").selectOption("de");
  await expect(page.getByLabel("Zugangscode")).toBeVisible();
  await page.getByLabel("Sprache").selectOption("en");
  await beginAccount(page, invitedByCommand("Runa"), `doors-${Date.now().toString(36)}`);
  await page.getByLabel("Name of the class").fill("Physics 10c");
  await page.getByRole("button", { name: "Make a class" }).click();
  await expect(page.getByText(/^Nobody has joined yet/)).toBeVisible();
  await page.getByLabel("Language").selectOption("de");
  await expect(page.getByRole("link", { name: "Versuch stellen" })).toBeVisible();
  await page.goto(`${sharedPlace()}/account`);
  await expect(page.getByRole("heading", { name: "Eigenes Konto" })).toBeVisible();
  await page.getByLabel("Sprache").selectOption("en");
  await expect(page.getByRole("heading", { name: "Your account" })).toBeVisible();
});
