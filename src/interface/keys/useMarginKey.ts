"use client";

import { useEffect } from "react";

const inGrid = '[role="grid"] [role="gridcell"] input, [role="grid"] [tabindex="0"]';

/** What of the margin is about a thing on the page: the first part that is there of those that the thing names. */
function partFor(thing: Element | null, margin: Element): HTMLElement {
  const names = thing?.closest("[data-margin]")?.getAttribute("data-margin")?.split(" ") ?? [];
  for (const name of names) {
    const part = margin.querySelector<HTMLElement>(`[data-about="${name}"]`);
    if (part) return part;
  }
  return margin.querySelector<HTMLElement>("[data-about]") ?? (margin as HTMLElement);
}

/** Stands at the head of a part of the margin; a folded one is opened. */
function standAt(part: HTMLElement): void {
  if (part instanceof HTMLDetailsElement) part.open = true;
  const head = part.querySelector<HTMLElement>("summary, h2") ?? part;
  if (head.tabIndex < 0) head.tabIndex = -1;
  head.focus();
  head.scrollIntoView({ block: "nearest" });
}

/** The place on the page that was left, or what stands there now. */
function goBack(left: Element | undefined): void {
  const there = left instanceof Element && left.isConnected ? left : undefined;
  const grid = document.querySelector(inGrid);
  const to = there ?? grid ?? document.querySelector("main h1");
  if (to instanceof HTMLElement || to instanceof SVGElement) to.focus();
}

/** F6 goes from the page to that part of the margin that is about the thing in hand, and back to the same place; Esc goes back too. */
export function useMarginKey(): void {
  useEffect(() => {
    let left: Element | undefined;
    const onKey = (event: KeyboardEvent) => {
      const margin = document.querySelector('aside[aria-label="Margin"]');
      const active = document.activeElement;
      const back = margin?.contains(active) && event.key === "Escape" && !event.defaultPrevented;
      const toggles = event.key === "F6" && !event.altKey && !event.ctrlKey && !event.metaKey;
      if (!margin || (!toggles && !back)) return;
      event.preventDefault();
      const gone = active === document.body && left !== undefined && left !== document.body;
      if (margin.contains(active) || gone) {
        goBack(left);
        left = undefined;
        return;
      }
      left = active ?? undefined;
      standAt(partFor(active, margin));
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
} // prettier-ignore
