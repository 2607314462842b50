import { execFileSync } from "node:child_process";
import { expect, type Page } from "@playwright/test";
import { languageCookie } from "../../src/protocol/languageCookie";
import { concludeTexts } from "../../src/wording/concludeTexts";
import { figureTexts } from "../../src/wording/figureTexts";
import { localeOf } from "../../src/wording/language/languages";
import { speaking } from "../../src/wording/language/spoken";
import { reportTexts } from "../../src/wording/reportTexts";
import { shelfTexts } from "../../src/wording/shelfTexts";
import { shellTexts } from "../../src/wording/shellTexts";
import { slopeWordText } from "../../src/wording/slopeWord";
import { writeupTexts } from "../../src/wording/writeupTexts";
import { paste, sharedPlace } from "./bench";
import { beginAccount, invitedByCommand } from "./school";
import { test } from "./test";

const headings = { en: "path s / m\ttime t / s", de: "Weg s / m\tZeit t / s" } as const;

const pairs = [[0.2, 0.41], [0.3, 0.6], [0.4, 0.82], [0.5, 0.99], [0.6, 1.21], [0.7, 1.4]] as const; // prettier-ignore

async function begun(page: Page, language: "en" | "de"): Promise<void> {
  await beginAccount(page, invitedByCommand("Runa"), `${language}-${Date.now().toString(36)}`);
  const cookie = { name: languageCookie, value: language, url: sharedPlace() };
  await page.context().addCookies([cookie]);
  await page.goto(`${sharedPlace()}/shelf`);
}

for (const language of ["en", "de"] as const) {
  test(`from readings to a PDF that is handed in, in ${language}`, async ({ page }) => {
    const said = (say: () => string) => speaking(language, say);
    const number = (value: number, decimals: number) =>
      value.toLocaleString(localeOf(language), { minimumFractionDigits: decimals });
    const button = (say: () => string) =>
      page.getByRole("button", { name: said(say), exact: true }).first();
    await begun(page, language);
    await button(() => shelfTexts.startAnInvestigation).click();
    await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
    const rows = pairs.map(([s, t]) => `${number(s, 2)} ± ${number(0.01, 2)}\t${number(t, 2)} ± ${number(0.02, 2)}`); // prettier-ignore
    await paste(page, [headings[language], ...rows].join("\n"));
    const title = page.getByRole("textbox", {
      name: said(() => shellTexts.titleOfTheInvestigation),
    });
    await title.fill("Runa");
    await page.keyboard.press("Tab");

    await page.keyboard.press("Alt+5");
    await expect(page.getByTestId("slope")).toContainText(number(2, 1));
    await page.keyboard.press("Alt+6");
    await button(() => concludeTexts.takeASlopeAsIt).click();
    await expect(page.getByTestId("result-working")).toContainText(
      said(() => slopeWordText("slope")),
    );
    await page.keyboard.press("Alt+7");
    await button(() => writeupTexts.layOutTheWriteUp).click();
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name: "PDF", exact: true }).click(),
    ]);
    const pdf = await download.path();
    const text = execFileSync("pdftotext", ["-layout", pdf, "-"], { encoding: "utf8" });
    expect(text).toContain(`${said(() => figureTexts.number({ number: 1 }))}. `);
    expect(text).toContain(`${said(() => reportTexts.tableNumber({ number: 1 }))}. `);
    expect(text).toContain(said(() => reportTexts.halfBetween));
    expect(text).toMatch(language === "de" ? /0,20/ : /0\.20/);
    expect(text).not.toMatch(language === "de" ? /\d\.\d/ : /\d,\d/);
    const info = execFileSync("pdfinfo", ["-struct-text", pdf], { encoding: "utf8" });
    expect(info).toContain("Table");
    await expect(page.locator("html")).toHaveAttribute("lang", language);
  });
}
