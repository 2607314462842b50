import type { Page } from "@playwright/test";
import { unsaid } from "../fixtures/unsaid";

/** What can be seen or heard of a page, in the order in which it stands there; a text of its own is a piece of its own. */
interface Heard {
  /** All visible texts of the page, or of what lies over it, one behind the other. */
  readonly text: string;
  /** Labels, titles, hints and descriptions of what is there. */
  readonly labels: readonly string[];
}

/** Runs in the page: what lies on top is looked at alone. */
function heardHere(): Heard {
  const over = [...document.querySelectorAll('[role="dialog"], [role="menu"], [role="listbox"]')]
    .filter((one) => one.getClientRects().length > 0)
    .at(-1);
  const scope = over ?? document.body;
  const seen = (element: Element) =>
    element.checkVisibility({ visibilityProperty: true }) &&
    !element.closest("script, style, .katex, option[lang]");
  const walker = document.createTreeWalker(scope, NodeFilter.SHOW_TEXT);
  const texts: string[] = [];
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    if (node.parentElement && seen(node.parentElement)) texts.push(node.textContent ?? "");
  }
  const named = ["aria-label", "title", "placeholder", "alt", "aria-description"];
  const labels = [scope, ...scope.querySelectorAll("*")]
    .filter(seen)
    .flatMap((one) => named.map((name) => one.getAttribute(name) ?? ""))
    .filter((label) => label !== "");
  return { text: texts.join(" "), labels };
}

/** Words on the page that no catalogue holds. */
export async function unsaidOn(page: Page): Promise<readonly string[]> {
  const { text, labels } = await page.evaluate(heardHere);
  return [...new Set([...unsaid(text), ...labels.flatMap((label) => unsaid(label))])];
}

/** Runs in the page: texts that are cut, or that lie over each other, in what lies on top. */
function cutHere(): readonly string[] {
  const over = [...document.querySelectorAll('[role="dialog"], [role="menu"], [role="listbox"]')]
    .filter((one) => one.getClientRects().length > 0)
    .at(-1);
  const scope = over ?? document.body;
  const found: string[] = [];
  const wide = document.documentElement.scrollWidth;
  if (wide > window.innerWidth) found.push(`the page is ${wide} wide`);
  const boxes: { text: string; rect: DOMRect; element: Element }[] = [];
  const walker = document.createTreeWalker(scope, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const element = node.parentElement;
    const text = (node.textContent ?? "").trim();
    if (!element || text === "" || !element.checkVisibility({ visibilityProperty: true })) continue;
    if (element.closest("script, style, svg, .katex, select, .sr-only")) continue;
    const hides = element.closest<HTMLElement>(".truncate, .overflow-hidden");
    const told = element.closest("[title], [aria-label]");
    if (hides && hides.scrollWidth > hides.clientWidth + 1 && !told) {
      found.push(`cut: ${text.slice(0, 60)}`);
    }
    const range = document.createRange();
    range.selectNodeContents(node);
    for (const rect of range.getClientRects()) {
      const [x, y] = [rect.left + rect.width / 2, rect.top + rect.height / 2];
      const top = document.elementFromPoint(x, y);
      if (top && (top === element || top.contains(element) || element.contains(top))) {
        boxes.push({ text: text.slice(0, 40), rect, element });
      }
    }
  }
  boxes.forEach((a, i) => {
    for (const b of boxes.slice(i + 1)) {
      if (a.element.contains(b.element) || b.element.contains(a.element)) continue;
      const w = Math.min(a.rect.right, b.rect.right) - Math.max(a.rect.left, b.rect.left);
      const h = Math.min(a.rect.bottom, b.rect.bottom) - Math.max(a.rect.top, b.rect.top);
      if (w > 3 && h > 5) found.push(`over each other: ${a.text} / ${b.text}`);
    }
  });
  return [...new Set(found)];
}

/** Texts on the page that are cut or lie over each other. */
export const cutOn = (page: Page): Promise<readonly string[]> => page.evaluate(cutHere);
