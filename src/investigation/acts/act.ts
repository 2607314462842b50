import type { Investigation } from "../model/investigation";

/**
 * A named thing that a person can do to an investigation: one step of undo.
 * `change` mutates an Immer draft; ids of new things come in with the arguments, so that acts stay repeatable.
 */
export interface Act<Args> {
  readonly name: string;
  readonly change: (draft: Investigation, args: Args) => void;
  /**
   * The rows that it changes or adds, where it looks at no others and takes none away: then the thousands of other rows
   * cost nothing.
   */
  readonly rows?: (args: Args) => Iterable<string>;
}

/** Gives an act its name; the place where every act begins. */
export function act<Args>(
  name: string,
  change: Act<Args>["change"],
  rows?: Act<Args>["rows"],
): Act<Args> {
  return { name, change, ...(rows && { rows }) };
}
