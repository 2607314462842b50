"use client";

import { useEffect } from "react";

const focusable =
  'a[href], button:not(:disabled), input:not(:disabled), select, textarea, [contenteditable="true"], [tabindex="0"]';

/** Where people write and go from cell to cell, the focus is looked after already. */
const ownKeepers = '[role="grid"], [contenteditable="true"]';

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

/** What stands now where the focus was, or last in what is left around it. */
function neighbour(trail: Trail): HTMLElement | undefined {
  for (const { around, place } of trail) {
    if (!around.isConnected) continue;
    const left = around.querySelectorAll<HTMLElement>(focusable);
    const one = left[Math.min(Math.max(place, 0), left.length - 1)];
    if (one) return one;
  }
  return undefined;
}

/**
 * Keeps the place of those who work by keys: where what had the focus goes away with what it did, the focus goes to
 * what took its place.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let last: Element | undefined;
    let trail: Trail = [];
    const remember = ({ target, key }: KeyboardEvent) => {
      if (![" ", "Enter", "Delete"].includes(key) || !(target instanceof Element)) return;
      if (target.closest(ownKeepers)) return;
      last = target;
      trail = trailOf(target);
    };
    const forget = () => {
      last = undefined;
    };
    const mend = () => {
      if (!last || last.isConnected || document.activeElement !== document.body) return;
      last = undefined;
      neighbour(trail)?.focus({ preventScroll: true });
    };
    const soon = () => void setTimeout(mend);
    document.addEventListener("keydown", remember, { capture: true });
    document.addEventListener("pointerdown", forget);
    document.addEventListener("keyup", mend);
    document.addEventListener("focusout", soon);
    return () => {
      document.removeEventListener("keydown", remember, { capture: true });
      document.removeEventListener("pointerdown", forget);
      document.removeEventListener("keyup", mend);
      document.removeEventListener("focusout", soon);
    };
  }, []);
}
