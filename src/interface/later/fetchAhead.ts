import { freeMoment, savesData } from "./freeMoment";
import { type Later, notHereYet } from "./Later";

/** In ms: how long it waits where the server is away. */
const afterFailing = 10_000;

/**
 * Fetches what is likely to be asked for next, one script at a time in free moments: first those given, then all that is not
 * here. Where the server is away it tries again after a while.
 * @returns whether all is here; not where it is not wanted any more.
 * @param goesOn whether it is still wanted.
 */
export async function fetchAhead(
  first: readonly Later<unknown>[],
  goesOn: () => boolean,
): Promise<boolean> {
  const next = () => {
    const rest = savesData() ? [] : notHereYet();
    return [...first, ...rest].find((one) => one.here() === undefined);
  };
  for (let one = next(); one && goesOn(); one = next()) {
    await freeMoment();
    if (!goesOn()) return false;
    try {
      await one.fetch();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, afterFailing));
    }
  }
  return next() === undefined;
}
