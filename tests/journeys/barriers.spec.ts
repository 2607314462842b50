import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { signIn, startSample } from "./bench";

/** The stages in an order that changes the stage each time, each with its number on the rule. */
const stages = [[2, "Derive"], [3, "Straighten"], [4, "Plot"], [5, "Slope"], [6, "Conclude"], [7, "Write up"], [1, "Measure"]] as const; // prettier-ignore

/** What axe finds. What is open lies over the landmarks, outside of them. */
async function barriers(page: Page, open = false): Promise<string[]> {
  const options = { rules: { region: { enabled: !open }, "target-size": { enabled: true } } };
  const { violations } = await new AxeBuilder({ page }).options(options).analyze();
  return violations.flatMap(({ id, nodes }) =>
    nodes.map(({ html, failureSummary }) => `${id}: ${html.slice(0, 200)} ${failureSummary ?? ""}`),
  );
}

const heading = (page: Page) => page.getByRole("main").getByRole("heading", { level: 1 });

for (const [width, height] of [
  [1280, 800],
  [820, 1180],
  [320, 600],
] as const) {
  test(`no stage has a barrier at ${width}, in forced colours neither`, async ({ page }) => {
    test.setTimeout(240_000);
    await signIn(page);
    await startSample(page, "Springiness of a clamped rule");
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
    await page.setViewportSize({ width, height });
    for (const [key, stage] of stages) {
      await page.keyboard.press(`Alt+${key}`);
      await expect(heading(page).first()).toBeFocused();
      await expect(heading(page)).toHaveCount(1);
      for (const forcedColors of ["none", "active"] as const) {
        await page.emulateMedia({ forcedColors });
        await expect.poll(() => barriers(page), { message: `${stage}, forced colours ${forcedColors}` }).toEqual([]);
      }
    }
  }); // prettier-ignore
}

test("at 640 × 400 and at 320 × 256 no stage is wider than the screen, and no bar hides what has the focus", async ({ page }) => {
  test.setTimeout(240_000);
  await signIn(page);
  await startSample(page, "Springiness of a clamped rule");
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  for (const [width, height] of [[640, 400], [320, 256]] as const) {
    await page.setViewportSize({ width, height });
    for (const [key, stage] of stages) {
      await page.keyboard.press(`Alt+${key}`);
      await expect(heading(page).first()).toBeFocused();
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide, `${stage} at ${width}`).toBeLessThanOrEqual(width);
      for (let i = 0; i < 12; i++) {
        await page.keyboard.press("Tab");
        const hidden = await page.evaluate(() => {
          const here = document.activeElement;
          if (!here || here === document.body || here.closest("svg, [role=grid]")) return "";
          const { left, top, width: w, height: h } = here.getBoundingClientRect();
          const over = document.elementFromPoint(left + w / 2, top + Math.min(h, 20) / 2);
          const seen = !over || here.contains(over) || over.contains(here) || over.closest("label");
          return seen ? "" : (here.outerHTML.slice(0, 120) ?? "");
        });
        expect(hidden, `${stage} at ${width}`).toBe("");
      }
    }
  }
}); // prettier-ignore

test("menus and lists that are open have no barrier; a list is named by its label", async ({ page }) => {
  await signIn(page);
  await startSample(page, "Springiness of a clamped rule");
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  await page.keyboard.press("Shift+F10");
  await expect(page.getByRole("menu", { name: "This reading and its row" })).toBeVisible();
  expect(await barriers(page, true)).toEqual([]);
  await page.keyboard.press("Escape");
  await page.keyboard.press("Alt+4");
  const axis = page.getByRole("complementary", { name: "Margin" }).getByRole("button", { name: /^Up/ });
  await axis.first().focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("listbox", { name: "Up" })).toBeVisible();
  expect(await barriers(page, true)).toEqual([]);
}); // prettier-ignore
