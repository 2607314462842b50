import { acts } from "./en/acts";
import { worded } from "./language/worded";

const texts = worded("acts", acts);
/** What each act did, as it is named where it can be undone or done again. */
export const actWords: Readonly<Record<string, string>> = texts.actWords;

/** "Undo: readings typed". */
export function namedCommand(label: string, act: string | undefined): string {
  const words = act === undefined ? undefined : actWords[act];
  return words === undefined ? label : `${label}: ${words}`;
}
