import { expect, type Locator, type Page } from "@playwright/test";
import { inBothColours, press, sizes } from "./barriers";
import { openSheet, signIn } from "./bench";
import { test } from "./test";

/** The stages in an order that changes the stage each time, each with its number on the rule. */
const stages = [[2, "Derive"], [3, "Straighten"], [4, "Plot"], [5, "Slope"], [6, "Conclude"], [7, "Write up"], [1, "Measure"]] as const; // prettier-ignore

const heading = (page: Page) => page.getByRole("main").getByRole("heading", { level: 1 });

/** A sample on a screen of a size. */
async function sample(page: Page, width: number, height: number): Promise<void> {
  await openSheet(page, "Springiness of a clamped rule");
  await expect(page.getByRole("gridcell").getByRole("textbox")).toBeFocused();
  await page.setViewportSize({ width, height });
}

for (const [width, height] of sizes) {
  test(`no stage has a barrier at ${width}, in forced colours neither`, async ({ page }) => {
    test.setTimeout(240_000);
    await sample(page, width, height);
    for (const [key, stage] of stages) {
      await page.keyboard.press(`Alt+${key}`);
      await expect(heading(page).first()).toBeFocused();
      await expect(heading(page)).toHaveCount(1);
      await inBothColours(page, stage, false);
    }
  }); // prettier-ignore
}

test("at 640 × 400 and at 320 × 256 no stage is wider than the screen, and no bar hides what has the focus", async ({ page }) => {
  test.setTimeout(240_000);
  await sample(page, 1280, 800);
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

const margin = (page: Page) => page.getByRole("complementary", { name: "Margin" });

const menu = (page: Page, name: string | RegExp) => page.getByRole("menu", { name });
const dialog = (page: Page) => page.getByRole("dialog").getByRole("heading");

/** What is open has no barrier; then it is put away. */
async function lookedAt(page: Page, name: string): Promise<void> {
  await inBothColours(page, name, true);
  await page.keyboard.press("Escape");
}

/** The menu of a thing that has the focus. */
async function menuOf(page: Page, thing: Locator, name: string | RegExp): Promise<Locator> {
  await thing.focus();
  await page.keyboard.press("Shift+F10");
  return menu(page, name);
}

/** A narrow screen has cards of rows instead. */
const ofCell = "the menu of a cell";

/** What can be opened on each stage: its name, and how; what has to be seen then. */
const openings: readonly (readonly [
  string,
  readonly (readonly [string, (page: Page) => Promise<Locator>])[],
])[] = [
  [
    "1",
    [
      [
        "the menu of a cell",
        (page) =>
          menuOf(page, page.getByRole("gridcell").getByRole("textbox"), "This reading and its row"),
      ],
      ["house rules", async (page) => (await press(page, "House rules"), dialog(page))],
      ["the history", async (page) => (await press(page, "History"), dialog(page))],
      ["all keys", async (page) => (await page.keyboard.press("F1"), dialog(page))],
      ["a file to bring in", async (page) => (await press(page, /^Bring in$/), dialog(page))],
      [
        "constants of nature",
        async (page) => (await press(page, /onstants? of nature/), dialog(page)),
      ],
      ["big entry", async (page) => (await press(page, "Big entry"), dialog(page))],
    ],
  ],
  [
    "3",
    [
      [
        "the menu of a pair",
        (page) =>
          menuOf(
            page,
            page.locator('main [data-pair]:is([aria-selected="true"], [aria-pressed="true"])'),
            /against/,
          ),
      ],
    ],
  ],
  [
    "4",
    [
      [
        "the drawer of readings",
        async (page) => (
          await page.keyboard.press("Alt+0"),
          page.getByRole("region", { name: "Drawer of readings" }).getByRole("grid")
        ),
      ],
      [
        "the menu of an axis",
        (page) => menuOf(page, page.locator('[data-axis="x"]').first(), "The horizontal axis"),
      ],
      [
        "the menu of a point",
        async (page) => {
          await page.getByRole("application", { name: /^Readings/ }).press("ArrowRight");
          return menuOf(
            page,
            page.getByRole("application", { name: /^Readings/ }),
            /^The point of row/,
          );
        },
      ],
      [
        "a list of quantities",
        async (page) => (
          await margin(page).getByRole("button", { name: /^Up/ }).first().press("Enter"),
          page.getByRole("listbox", { name: "Up" })
        ),
      ],
    ],
  ],
  [
    "5",
    [
      [
        "the menu of a line",
        async (page) => {
          await page.getByRole("application", { name: /^Readings/ }).press("ArrowDown");
          return menuOf(page, page.getByRole("application", { name: /^Readings/ }), "The line");
        },
      ],
    ],
  ],
  [
    "7",
    [
      [
        "the menu of a block",
        (page) => menuOf(page, page.getByRole("button", { name: "Move Aim" }), "Aim"),
      ],
    ],
  ],
];

for (const [width, height] of sizes) {
  test(`what opens on a stage has no barrier at ${width}, in forced colours neither`, async ({ page }) => {
    test.setTimeout(240_000);
    await sample(page, width, height);
    for (const [key, opens] of openings) {
      await page.keyboard.press(`Alt+${key}`);
      for (const [name, open] of opens) {
        if (name === ofCell && width < 560) continue;
        await expect((await open(page)).first(), name).toBeVisible();
        await lookedAt(page, name);
        await expect(page.locator('[role="menu"], [role="dialog"], [role="listbox"]'), name).toHaveCount(0);
      }
    }
  }); // prettier-ignore
}

/** Lines, letters and words as far apart as readers may set them (WCAG 1.4.12). */
const spacing = `document.adoptedStyleSheets = [Object.assign(new CSSStyleSheet(), {})];
document.adoptedStyleSheets[0].replaceSync("* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; } p { margin-bottom: 2em !important; }");`;

/** Buttons, labels and headings whose words don't have room. */
const cut = `[...document.querySelectorAll("main button, aside button, header button, h1, h2, label, th")]
  .filter((one) => one.getClientRects().length > 0 && !one.classList.contains("sr-only") && getComputedStyle(one).overflow !== "visible")
  .filter((one) => one.scrollWidth > one.clientWidth + 2 || one.scrollHeight > one.clientHeight + 2)
  .map((one) => one.outerHTML.slice(0, 160))`;

test("with lines, letters and words further apart nothing is cut off, and no stage is wider than the screen", async ({ page }) => {
  await sample(page, 1280, 800);
  await page.evaluate(spacing);
  for (const [key, stage] of stages) {
    await page.keyboard.press(`Alt+${key}`);
    await expect(heading(page).first()).toBeFocused();
    expect(await page.evaluate(cut), stage).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), stage).toBeLessThanOrEqual(1280);
  }
}); // prettier-ignore

for (const [width, height] of sizes) {
  test(`what opens on the shelf, in a brief and beside recordings has no barrier at ${width}, in forced colours neither`, async ({ page }) => {
    test.setTimeout(240_000);
    await signIn(page, undefined, "greta");
    const looked = async (name: string, open: Locator) => {
      await page.setViewportSize({ width, height });
      await expect(open.first(), name).toBeVisible();
      await lookedAt(page, name);
      await page.setViewportSize({ width: 1280, height: 800 });
    };
    await press(page, "Bring in an investigation");
    await looked("an investigation to bring in", dialog(page));
    await press(page, "Start from a sample");
    await looked("the samples", page.getByRole("menu"));
    await press(page, "Start from a sample");
    await page.getByRole("group", { name: "Briefs of the samples" }).getByRole("menuitem").first().click();
    await expect(page.getByText("You are making a brief.")).toBeVisible();
    await press(page, "What the brief says");
    await looked("the brief", dialog(page));
    await press(page, /^Recordings/);
    await press(page, "Bring in a file");
    await looked("a recording to bring in", dialog(page));
  }); // prettier-ignore
}
