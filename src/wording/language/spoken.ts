import type { Spoken } from "./languages";

type Mark = "point" | "comma";

/** What stands on the global object, for the server is made of several bundles that share it. */
interface Shared {
  /** The language of the request that is being answered; a window has none. */
  fathomRuleSpoken?: () => Spoken | undefined;
}

const shared = globalThis as Shared;

/** The language of this window or worker, and the one in which something is worked out meanwhile. */
const now: { own: Spoken; within: Spoken | undefined; mark: Mark | undefined } = {
  own: "en",
  within: undefined,
  mark: undefined,
};

/** The language in which words are read just now. */
export function spoken(): Spoken {
  return now.within ?? shared.fathomRuleSpoken?.() ?? now.own;
}

/** From now on this window, or this worker, speaks a language. */
export function speak(language: Spoken): void {
  now.own = language;
}

/** From now on sentences of this window part decimals as the investigation that is open does; undefined where none is. */
export function markDecimals(mark: Mark | undefined): void {
  now.mark = mark;
}

/** The decimal mark of the investigation that is open; undefined where none is, and in what is said in a language of its own. */
export const openMark = (): Mark | undefined => (now.within === undefined ? now.mark : undefined);

/** What comes of work that is done in a language, such as a report's in its own; the work is done when this returns. */
export function speaking<Answer>(language: Spoken, work: () => Answer): Answer {
  const before = now.within;
  now.within = language;
  try {
    return work();
  } finally {
    now.within = before;
  }
}

/** Where the server tells which request's language counts. */
export function tellSpoken(language: () => Spoken | undefined): void {
  shared.fathomRuleSpoken = language;
}
