import { remembered } from "@/remembered/remembered";
import type { InvestigationState, InvestigationStore } from "./investigationStore";

type Hear = (state: InvestigationState, before: InvestigationState) => void;

/** What those away from the hand read of a store, and how they hear of it. */
export type Shown = Pick<InvestigationStore, "getState" | "getInitialState" | "subscribe">;

/** In ms: a window that is not looked at draws no frames. */
const unseen = 100;

/** How many times as long as they took the others leave the page to the hand, to one that types and to one that drags. */
const rest = { typing: 4, dragging: 10 } as const;

/** Does something once what was changed just now has been drawn. */
function onceDrawn(work: () => void): void {
  let done = false;
  const once = () => {
    if (!done) work();
    done = true;
  };
  if (typeof requestAnimationFrame !== "undefined") requestAnimationFrame(() => setTimeout(once));
  setTimeout(once, unseen);
}

/** Tells those away from the hand of what changed: at once, or what the hand does after that has been drawn. */
class Others implements Shown {
  readonly getState: InvestigationStore["getState"];
  readonly getInitialState: InvestigationStore["getInitialState"];
  private readonly hearing = new Set<Hear>();
  /** The last state that was told of, while there is news that wait. */
  private before: InvestigationState | undefined;
  private handIsFirst = false;
  /** Whether a hand holds something that it drags. */
  held = false;
  /** When they may hear of the hand again. */
  private free = 0;

  constructor(store: InvestigationStore) {
    this.getState = store.getState;
    this.getInitialState = store.getInitialState;
    store.subscribe((_, before) => {
      if (!this.handIsFirst && !this.held) {
        this.before ??= before;
        this.tell();
      } else if (!this.before) {
        this.before = before;
        onceDrawn(() => this.tellInTurn());
      }
    });
  }

  readonly subscribe: InvestigationStore["subscribe"] = (hear) => {
    const { hearing } = this;
    hearing.add(hear);
    return () => hearing.delete(hear);
  };

  /** Does what is shown under the hand first. */
  first(work: () => void): void {
    this.handIsFirst = true;
    try {
      work();
    } finally {
      this.handIsFirst = false;
    }
  }

  /** Tells what waits, once they have left the page to the hand for long enough. */
  private tellInTurn(): void {
    const began = performance.now();
    if (began < this.free) {
      setTimeout(() => this.tellInTurn(), this.free - began);
      return;
    }
    this.tell();
    // They are drawn before a timer comes.
    setTimeout(() => {
      const now = performance.now();
      this.free = now + (this.held ? rest.dragging : rest.typing) * (now - began);
    });
  }

  private tell(): void {
    const { before } = this;
    if (!before) return;
    this.before = undefined;
    for (const hear of this.hearing) hear(this.getState(), before);
  }
}

const othersOf = remembered((store: InvestigationStore) => new Others(store));

/** Whether a hand holds something of what is shown, and drags it. */
export const handHolds = (store: InvestigationStore): boolean => othersOf(store).held;

/** A hand takes hold of something, or lets go of it. */
export function holdInHand(store: InvestigationStore, held: boolean): void {
  const others = othersOf(store);
  if (others.held === held) return;
  others.held = held;
  // Nothing is shown otherwise, but what was dragged is kept at once.
  if (!held) store.setState({});
}

/** The store as it is shown away from the hand. */
export const shownAfterHand = (store: InvestigationStore): Shown => othersOf(store);

/**
 * Does what changes the store by a key in the grid, or by dragging on the figure. It stands at once, and is shown under
 * the hand at once; what follows from it elsewhere on the page is drawn right after that, and while a hand drags in turn
 * with it, so that on slow laptops no hand waits for it. What is typed is kept at once, what is dragged a few times a
 * second and when it is let go.
 */
export const handFirst = (store: InvestigationStore, work: () => void): void =>
  othersOf(store).first(work);
