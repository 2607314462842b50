"use client";

import { useEffect } from "react";
import {
  presencePace,
  presenceQuiet,
  type SentPresence,
  type Whereabouts,
} from "@/protocol/presence";
import type { StageId } from "@/wording/stages";
import { hasNewcomer, stillHere } from "../store/here";
import { tellPresence } from "../store/server";
import { useInvestigationStore } from "../store/useInvestigation";

/** The attribute by which a cell or a block says what place it is. */
export const placeAttribute = "data-place";

function placeInHand(): string | undefined {
  const held = document.activeElement?.closest(`[${placeAttribute}]`);
  return held?.getAttribute(placeAttribute) ?? undefined;
}

/** Tells the server where this window is: at once where it has been quiet, else soon, and now and then that it is there. */
class Teller {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private last = 0;
  private readonly heartbeat: ReturnType<typeof setInterval>;

  constructor(
    private readonly investigationId: string,
    private readonly where: () => SentPresence,
    private readonly windows: () => number,
  ) {
    this.heartbeat = setInterval(() => this.soon(), presencePace.least);
    this.soon();
  }

  soon(): void {
    if (this.timer !== undefined) return;
    const since = Date.now() - this.last;
    this.timer = setTimeout(() => this.tell(), Math.max(0, presenceQuiet(this.windows()) - since));
  }

  private tell(): void {
    this.timer = undefined;
    if (document.visibilityState === "hidden") return;
    this.last = Date.now();
    tellPresence(this.investigationId, this.where());
  }

  end(): void {
    clearTimeout(this.timer);
    clearInterval(this.heartbeat);
    const { window } = this.where();
    tellPresence(this.investigationId, { window });
  }
}

/** Shows the others on a shared sheet where this window is, and forgets those of whom nothing is heard. */
export function usePresence(investigationId: string, stage: StageId, shared: boolean): void {
  const store = useInvestigationStore();
  useEffect(() => {
    if (!shared) return;
    const where = (): SentPresence => {
      const place = placeInHand();
      const at: Whereabouts = place === undefined ? { stage } : { stage, place };
      return { window: store.getState().place.window, at };
    };
    const windows = () => store.getState().here.length + 1;
    const teller = new Teller(investigationId, where, windows);
    const soon = () => teller.soon();
    const prune = setInterval(() => {
      store.setState(({ here }) => ({ here: stillHere(here, Date.now()) }));
    }, presencePace.least);
    const unsubscribe = store.subscribe((state, before) => {
      if (hasNewcomer(before.here, state.here)) soon();
    });
    const leave = () => teller.end();
    for (const event of ["focusin", "focusout", "visibilitychange"]) {
      document.addEventListener(event, soon);
    }
    window.addEventListener("pagehide", leave);
    return () => {
      for (const event of ["focusin", "focusout", "visibilitychange"]) {
        document.removeEventListener(event, soon);
      }
      window.removeEventListener("pagehide", leave);
      clearInterval(prune);
      unsubscribe();
      teller.end();
    };
  }, [investigationId, stage, shared, store]);
}
