import { expect, type Locator, type Page } from "@playwright/test";

/** Keys that only move. */
const moving = /^(?:Shift\+)?(?:Tab|Arrow\w+|Home|End|PageUp|PageDown|F6|F10|Escape)$|^Alt\+\d$/;

/** More presses of moving keys than these no goal within a stage may take. */
const mostMoves = 12;

/** Hands that only have keys, and count how often they had to move. */
export class Hands {
  private moves = 0;
  readonly counts: Record<string, number> = {};

  constructor(private readonly page: Page) {}

  async press(key: string, times = 1): Promise<void> {
    for (let i = 0; i < times; i++) {
      await this.page.keyboard.press(key);
      if (moving.test(key)) this.moves += 1;
    }
  }

  async type(text: string): Promise<void> {
    await this.page.keyboard.type(text);
  }

  /** Presses a key until something has the focus. */
  async to(place: Locator, key = "Tab", most = 40): Promise<void> {
    await expect(place.first()).toBeAttached();
    for (let i = 0; i < most; i++) {
      if (await place.first().evaluate((element) => element === document.activeElement)) return;
      await this.press(key);
    }
    throw new Error(`${key} does not lead to ${place.toString()}`);
  }

  /** One goal within a stage, reached without too many moves. */
  async goal(name: string, reach: () => Promise<void>): Promise<void> {
    this.moves = 0;
    await reach();
    this.counts[name] = this.moves;
    expect(this.moves, name).toBeLessThanOrEqual(mostMoves);
  }
}

/** What has the focus, as its role and name: "body" where nothing has it. */
export async function inFocus(page: Page): Promise<string> {
  return page.evaluate(() => {
    const here = document.activeElement;
    if (!here || here === document.body) return "body";
    const named = here.getAttribute("aria-label") ?? here.textContent ?? "";
    return `${here.tagName.toLowerCase()} ${named.trim().slice(0, 60)}`;
  });
}
