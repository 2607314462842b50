import type { Page } from "@playwright/test";
import { unsaid as unsaidIn } from "../fixtures/unsaid";

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

/** The name that the account of the walk is signed in by, and the code by which its class is joined. */
const nameOrCode = /pseudo-\w+|\b[A-Z]{4} [2-9A-Z]{4}\b/g;

/** All that can be seen or heard on the page, in the order in which it stands there. */
export async function heardOn(page: Page): Promise<readonly string[]> {
  const { text, labels } = await page.evaluate(heardHere);
  return [...text.split(/\s+/), ...labels, await page.title()];
}

/** Words on the page that no catalogue holds. */
export async function unsaidOn(page: Page): Promise<readonly string[]> {
  const { text, labels } = await page.evaluate(heardHere);
  const unsaid = (one: string) => unsaidIn(one.replace(nameOrCode, ""));
  return [...new Set([...unsaid(text), ...labels.flatMap((label) => unsaid(label))])];
}

/** Runs in the page: texts that are cut, or that lie over each other, in what lies on top. */
function cutHere(): readonly string[] {
  const over = [...document.querySelectorAll('[role="dialog"], [role="menu"], [role="listbox"]')]
    .filter((one) => one.getClientRects().length > 0)
    .at(-1);
  const scope = over ?? document.body;
  const found: string[] = [];
  const isCut = (one: HTMLElement) =>
    one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 2;
  const wide = document.documentElement.scrollWidth;
  if (wide > window.innerWidth) {
    const widest = [...document.querySelectorAll("body *")].filter(
      (one) => one.getBoundingClientRect().right > window.innerWidth + 1 && one.checkVisibility(),
    );
    found.push(
      `the page is ${wide} wide: ${widest
        .slice(0, 3)
        .map((one) => one.outerHTML.slice(0, 120))
        .join(" ")}`,
    );
  }
  const boxes: { text: string; rect: DOMRect; element: Element }[] = [];
  const walker = document.createTreeWalker(scope, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const element = node.parentElement;
    const text = (node.textContent ?? "").trim();
    if (!element || text === "" || !element.checkVisibility({ visibilityProperty: true })) continue;
    if (element.closest("script, style, svg, .katex, select, .sr-only")) continue;
    const hides = element.closest<HTMLElement>(".truncate, .overflow-hidden, .line-clamp-2");
    const whole = (name: string) =>
      element.closest(`[${name}]`)?.getAttribute(name)?.includes(text) === true;
    if (hides && isCut(hides) && !whole("title") && !whole("aria-label")) {
      found.push(`cut: ${text.slice(0, 60)}`);
    }
    const range = document.createRange();
    range.selectNodeContents(node);
    const edge = hides?.getBoundingClientRect();
    for (const drawn of range.getClientRects()) {
      const right = Math.min(drawn.right, edge?.right ?? Infinity);
      const bottom = Math.min(drawn.bottom, edge?.bottom ?? Infinity);
      const rect = new DOMRect(drawn.left, drawn.top, right - drawn.left, bottom - drawn.top);
      if (rect.width <= 0 || rect.height <= 0) continue;
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
