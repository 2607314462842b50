"use client";

import { useEffect } from "react";
import { isArriving } from "./arriving";

const focusable =
  'a[href], button:not(:disabled), input:not(:disabled), select, textarea, summary, [contenteditable="true"], [tabindex="0"]';

/** A place where the focus was: what surrounded it, from the inside out, and its number in each. */
type Trail = readonly { readonly around: Element; readonly place: number }[];

const nearest = 8;

function trailOf(element: Element): Trail {
  const trail: { around: Element; place: number }[] = [];
  let around = element.parentElement;
  while (around && around !== document.body && trail.length < nearest) {
    trail.push({ around, place: [...around.querySelectorAll(focusable)].indexOf(element) });
    around = around.parentElement;
  }
  return trail;
}

const isSeen = (element: Element) => element.getClientRects().length > 0;

/** What stands now where the focus was, or last in what is left around it. */
function neighbour(trail: Trail): HTMLElement | undefined {
  for (const { around, place } of trail) {
    if (!around.isConnected) continue;
    const left = [...around.querySelectorAll<HTMLElement>(focusable)].filter(isSeen);
    const one = left[Math.min(Math.max(place, 0), left.length - 1)];
    if (one) return one;
  }
  return document.querySelector<HTMLElement>("main h1") ?? undefined;
}

/** In ms: a sheet or menu that closes has given the focus back by then. */
const givenBackWithin = 60;

/** Where the focus was last, and how to come back near it. */
class LastPlace {
  private element: Element | undefined;
  private trail: Trail = [];
  private grid: Element | undefined;
  /** Who works by pointer goes on where they point: a field that took the focus would raise a keyboard on glass. */
  byKeys = false;

  readonly see = ({ target }: FocusEvent): void => {
    if (!(target instanceof Element)) return;
    this.element = target;
    this.grid = target.closest('[role="grid"]') ?? undefined;
    this.trail = this.grid ? [] : trailOf(target);
  };

  readonly mend = (): void => {
    const { element, grid } = this;
    const lost = document.activeElement === document.body || document.activeElement === null;
    const gone = element && (!element.isConnected || element.matches(":disabled") || !isSeen(element));
    if (!this.byKeys || !lost || !gone || isArriving()) return;
    const cell = grid?.isConnected ? grid.querySelector<HTMLElement>(`[role="gridcell"] input, ${focusable}`) : undefined;
    const heading = grid ? document.querySelector<HTMLElement>("main h1") : undefined;
    const to = cell ?? heading ?? neighbour(this.trail);
    if (to?.tagName === "H1") to.tabIndex = -1;
    to?.focus({ preventScroll: true });
  };
} // prettier-ignore

/**
 * Keeps the place of those who work by keys: where what had the focus goes away (with what it did, with an undo, with a
 * stage), the focus goes to what took its place.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    const last = new LastPlace();
    let timer: ReturnType<typeof setTimeout> | undefined;
    const soon = () => {
      clearTimeout(timer);
      timer = setTimeout(last.mend, givenBackWithin);
    };
    const byKeys = () => (last.byKeys = true);
    const byPointer = () => (last.byKeys = false);
    const changes = new MutationObserver(soon);
    changes.observe(document.body, { childList: true, subtree: true, attributeFilter: ["disabled"] });
    const hearing = new AbortController();
    const { signal } = hearing;
    document.addEventListener("keydown", byKeys, { capture: true, signal });
    document.addEventListener("pointerdown", byPointer, { capture: true, signal });
    document.addEventListener("focusin", last.see, { signal });
    document.addEventListener("focusout", soon, { signal });
    return () => {
      changes.disconnect();
      clearTimeout(timer);
      hearing.abort();
    };
  }, []);
} // prettier-ignore
