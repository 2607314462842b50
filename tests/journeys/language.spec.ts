import { expect, type Page, test } from "@playwright/test";
import { allHere, sharedPlace } from "./bench";

test.use({ locale: "de-DE" });

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

test("the language is changed from the header: what was typed stays, and the next page speaks it too", async ({
  page,
}) => {
  await enterInGerman(page);
  await page.getByRole("button", { name: "Auswertung beginnen" }).click();
  await page.getByRole("textbox", { name: "Titel der Auswertung" }).fill("Federn im Hafen");
  await page.getByRole("gridcell").first().click();
  await page.keyboard.type("3.20");
  await page.keyboard.press("Enter");
  await page.getByLabel("Sprache").selectOption("en");
  await expect(page.getByRole("navigation", { name: "Stages" })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("lang", "en");
  await expect(page.getByRole("textbox", { name: "Title of the investigation" })).toHaveValue(
    "Federn im Hafen",
  );
  await expect(page.getByRole("gridcell", { name: /3\.20/ })).toBeVisible();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(page.getByRole("gridcell", { name: /3\.20/ })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole("navigation", { name: "Stages" })).toBeVisible();
  await page.getByRole("link", { name: "Fathom Rule" }).click();
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
  await page.getByLabel("Language").selectOption("de");
  await expect(page.getByRole("heading", { name: "Regal" })).toBeVisible();
});
