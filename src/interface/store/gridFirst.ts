import { remembered } from "@/remembered/remembered";
import type { InvestigationState, InvestigationStore } from "./investigationStore";

type Hear = (state: InvestigationState, before: InvestigationState) => void;

/** What those outside the grid read of a store, and how they hear of it. */
export type Shown = Pick<InvestigationStore, "getState" | "getInitialState" | "subscribe">;

/** In ms: a window that is not looked at draws no frames. */
const unseen = 100;

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

/** Tells those outside the grid of what changed: at once, or what is typed in the grid after the grid has drawn it. */
class Rest implements Shown {
  readonly getState: InvestigationStore["getState"];
  readonly getInitialState: InvestigationStore["getInitialState"];
  private readonly hearing = new Set<Hear>();
  /** The last state that was told of, while there is news that wait. */
  private before: InvestigationState | undefined;
  private gridIsFirst = false;

  constructor(store: InvestigationStore) {
    this.getState = store.getState;
    this.getInitialState = store.getInitialState;
    store.subscribe((_, before) => {
      if (!this.gridIsFirst) {
        this.before ??= before;
        this.tell();
      } else if (!this.before) {
        this.before = before;
        onceDrawn(() => this.tell());
      }
    });
  }

  readonly subscribe: InvestigationStore["subscribe"] = (hear) => {
    const { hearing } = this;
    hearing.add(hear);
    return () => hearing.delete(hear);
  };

  /** Does what is shown in the grid first. */
  first(work: () => void): void {
    this.gridIsFirst = true;
    try {
      work();
    } finally {
      this.gridIsFirst = false;
    }
  }

  private tell(): void {
    const { before } = this;
    if (!before) return;
    this.before = undefined;
    for (const hear of this.hearing) hear(this.getState(), before);
  }
}

const restOf = remembered((store: InvestigationStore) => new Rest(store));

/** The store as it is shown outside the grid. */
export const shownOutsideGrid = (store: InvestigationStore): Shown => restOf(store);

/**
 * Does what changes the store by a key in the grid. It stands and is kept at once, and the grid shows it at once; what
 * follows from it elsewhere on the page is drawn right after that, so that on slow laptops no key waits for it.
 */
export const gridFirst = (store: InvestigationStore, work: () => void): void =>
  restOf(store).first(work);
