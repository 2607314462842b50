import type { Reason } from "@/investigation/model/reason";
/** One thing that can be done. */
export interface Doing {
  readonly label: string;
  /** Its own key, where it has one. */
  readonly key?: string;
  readonly run?: () => void;
  /** What it does once the menu is closed and the focus is given back: leads the hands elsewhere. */
  readonly then?: () => void;
  /** Reasons to choose from, for what is done only with one. */
  readonly reasons?: (reason: Reason) => void;
  /** What can be done with something that belongs to it. */
  readonly more?: Doings;
}

/** What can be done, in groups. */
export type Doings = readonly (readonly Doing[])[];

/** What a menu is about, and what can be done with it. */
export interface AboutThing {
  readonly name: string;
  readonly groups: Doings;
}
