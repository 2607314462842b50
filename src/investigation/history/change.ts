import type { Patch } from "immer";

/** What one act did to the document: the way there and the way back. */
export interface Change {
  readonly act: string;
  readonly patches: readonly Patch[];
  readonly inverse: readonly Patch[];
}

/** A change with its identity: what travels to the server and stands in the edit log. */
export interface Edit extends Change {
  readonly id: string;
  /** When it was made, ISO 8601, by the clock of the device. */
  readonly at: string;
}
