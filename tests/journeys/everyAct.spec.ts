import { expect } from "@playwright/test";
import { actWords } from "../../src/wording/acts";
import {
  brief,
  conclude,
  derive,
  elsewhere,
  measure,
  plot,
  slope,
  straighten,
  writeUp,
} from "./actSteps";
import { openSheet, signIn } from "./bench";
import { doneAndUndone } from "./pressing";
import { test } from "./test";

const steps = { "1": measure, "2": derive, "3": straighten, "4": plot, "5": slope, "6": conclude, "7": writeUp } as const; // prettier-ignore

for (const [stage, acts] of Object.entries(steps)) {
  test(`every act of stage ${stage} and its undo leave the focus somewhere`, async ({ page }) => {
    test.setTimeout(280_000);
    await openSheet(page, "Springiness of a clamped rule");
    await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
    page.setDefaultTimeout(15_000);
    const wrong: string[] = [];
    for (const step of acts) {
      await page.keyboard.press("Escape");
      await page.keyboard.press(`Alt+${stage === "1" ? 2 : 1}`);
      await page.keyboard.press(`Alt+${stage}`);
      await expect(page.getByRole("main").getByRole("heading", { level: 1 }).first()).toBeFocused({ timeout: 10_000 });
      await page.evaluate(() => document.querySelectorAll("details").forEach((one) => (one.open = true)));
      const said = await doneAndUndone(page, step).catch((error: Error) => error.message.slice(0, 200));
      if (said) wrong.push(`${step[0]}: ${said}`);
      for (let i = 0; i < 4 && (await page.getByRole("button", { name: "Undo" }).isEnabled()); i++) {
        await page.getByRole("button", { name: "Undo" }).press("Enter");
      }
    }
    expect(wrong).toEqual([]);
  }); // prettier-ignore
}

test("no act of the list is left out", () => {
  const pressed = Object.values({ ...steps, brief }).flatMap((acts) => acts.map(([act]) => act));
  const missing = Object.keys(actWords).filter((act) => !pressed.includes(act) && !elsewhere.includes(act));
  expect(missing).toEqual([]);
}); // prettier-ignore

test("every act of a brief and its undo leave the focus somewhere", async ({ page }) => {
  test.setTimeout(120_000);
  await signIn(page, undefined, "greta");
  await page.getByRole("button", { name: "Start from a sample" }).click();
  const briefs = page.getByRole("group", { name: "Briefs of the samples" });
  await briefs.getByRole("menuitem", { name: "Springiness of a clamped rule" }).click();
  await expect(page.getByText("You are making a brief.")).toBeVisible();
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  page.setDefaultTimeout(15_000);
  const wrong: string[] = [];
  for (const step of brief) {
    const said = await doneAndUndone(page, step).catch((error: Error) => error.message.slice(0, 200));
    if (said) wrong.push(`${step[0]}: ${said}`);
  }
  expect(wrong).toEqual([]);
}); // prettier-ignore
