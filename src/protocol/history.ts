import type { Patch } from "immer";
import * as yup from "yup";
import type { Investigation } from "@/investigation/model/investigation";

/** One act of somebody, as the log has it. */
export interface HistoryEntry {
  readonly revision: number;
  readonly act: string;
  /** Who did it; undefined once their account is gone. */
  readonly by?: string;
  /** When, by the clock of their device, ISO 8601. */
  readonly at: string;
  readonly patches: readonly Patch[];
  /** Whether the sheet can't be looked at as it was then: what is old is folded. */
  readonly folded?: boolean;
}

/** A page of history, the newest first. */
export interface HistoryPage {
  readonly entries: readonly HistoryEntry[];
  /** Whether there is more before. */
  readonly more: boolean;
}

/** An investigation as it stood after a revision. */
export interface Moment {
  readonly document: Investigation;
  readonly revision: number;
  /** What was done last; undefined before anything was. */
  readonly entry?: HistoryEntry;
  /** The nearest revisions that can be looked at. */
  readonly before?: number;
  readonly after?: number;
}

/** What is asked of a history: what was before a revision, and of one reading alone. */
export const askedHistory = yup.object({
  before: yup.number().integer().min(1),
  row: yup.string().max(40),
  cell: yup.string().max(60),
});

/** To which moment somebody goes back. */
export const askedBack = yup.object({
  revision: yup.number().strict().integer().min(0).required(),
});
