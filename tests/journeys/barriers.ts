import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";
import { pressEnter } from "./bench";

/** A school laptop, a tablet held upright and a telephone. */
export const sizes = [[1280, 800], [820, 1180], [320, 600]] as const; // prettier-ignore

/** What axe finds, looking for nothing else and in this page alone: no page holds another. What is open lies over the landmarks, outside of them. */
async function barriers(page: Page, open = false): Promise<string[]> {
  const rules = { region: { enabled: !open }, "target-size": { enabled: true } };
  const axe = new AxeBuilder({ page }).setLegacyMode(true);
  const { violations } = await axe.options({ rules, resultTypes: ["violations"] }).analyze();
  return violations.flatMap(({ id, nodes }) =>
    nodes.map(({ html, failureSummary }) => `${id}: ${html.slice(0, 200)} ${failureSummary ?? ""}`),
  );
}

/** Expects that axe finds nothing in the way of anybody. */
export async function noBarrier(page: Page): Promise<void> {
  const open = (await page.locator('[role="dialog"], [role="menu"]').count()) > 0;
  await expect.poll(() => barriers(page, open)).toEqual([]);
}

/** Presses a button by its key, once the page lives. */
export async function press(page: Page, name: string | RegExp): Promise<void> {
  await pressEnter(page.getByRole("button", { name }).first());
}

/** What is there has no barrier, in forced colours neither. */
export async function inBothColours(page: Page, name: string, open: boolean): Promise<void> {
  for (const forcedColors of ["none", "active"] as const) {
    await page.emulateMedia({ forcedColors });
    await expect.poll(() => barriers(page, open), { message: `${name}, forced colours ${forcedColors}` }).toEqual([]);
  }
  await page.emulateMedia({ forcedColors: "none" });
} // prettier-ignore

/** What is there has no barrier and is not wider than the screen, at each size. */
export async function atEachSize(page: Page, name: string): Promise<void> {
  const open = (await page.locator('[role="dialog"], [role="menu"]').count()) > 0;
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height });
    const wide = () => page.evaluate(() => document.documentElement.scrollWidth);
    await expect.poll(wide, { message: `${name} at ${width}` }).toBeLessThanOrEqual(width);
    await inBothColours(page, `${name} at ${width}`, open);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
}
