import type { Judged } from "./remarks";

/** Where a bench that handed in stands: handed in, opened by a teacher, or back with the bench. */
export const handingStates = ["handed-in", "opened", "returned"] as const;
export type HandingState = (typeof handingStates)[number];

/** The newest time that a bench handed in, as the bench and its teachers see it. */
export interface HandedIn {
  readonly state: HandingState;
  /** Which time it is, from 1. */
  readonly number: number;
  /** ISO 8601: when it was handed in. */
  readonly at: string;
  /** ISO 8601: since when it has been in this state. */
  readonly since: string;
  /** The name of who handed it in; "" once nobody knows. */
  readonly by: string;
  readonly late: boolean;
  /** Points and last word, for teachers of the class alone. */
  readonly judged?: Judged;
  /** Whether the bench can take it back: nobody has opened it, and it has not seen what its results are held against. */
  readonly canTakeBack: boolean;
}

/** A sheet that is handed in is not changed until it comes back. */
export const isWithTeacher = (handing: Pick<HandedIn, "state"> | undefined): boolean =>
  handing !== undefined && handing.state !== "returned";
