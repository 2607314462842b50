import * as yup from "yup";
import type { Investigation } from "@/investigation/model/investigation";

/** After so many days a link can run out; 0 for never. */
export const daysOfCopies = [1, 7, 30, 0] as const;
export type DaysOfCopy = (typeof daysOfCopies)[number];

/** What somebody wants of a reading copy. */
export interface WantedCopy {
  /** The investigation as it goes on, or as it is now. */
  readonly live: boolean;
  readonly days: DaysOfCopy;
}

/** A reading copy as those see it who made it. */
export interface CopyEntry {
  readonly id: string;
  readonly live: boolean;
  /** ISO 8601. */
  readonly madeAt: string;
  /** ISO 8601; undefined where it does not run out. */
  readonly expiresAt?: string;
  /** Why it leads nowhere; undefined while it does. */
  readonly over?: "revoked" | "run-out";
  readonly openings: number;
}

/** What a reading copy shows. */
export interface OpenedCopy {
  readonly document: Investigation;
  readonly revision: number;
  readonly live: boolean;
  /** When it was made, where it shows what was then, ISO 8601. */
  readonly at?: string;
}

/** What is asked of a reading copy: by its token, and behind which revision there is news. */
export const askedCopy = yup
  .object({
    token: yup.string().strict().max(100).required(),
    since: yup.number().strict().integer().min(0),
  })
  .required();
