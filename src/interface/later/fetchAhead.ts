import { type Later, notHereYet } from "./Later";

/** In ms: a moment that is free comes by then at the latest. */
const patience = 2_000;

/** In ms: how long it waits where the server is away. */
const afterFailing = 10_000;

function freeMoment(): Promise<void> {
  return new Promise((resolve) => {
    if (typeof requestIdleCallback === "undefined") setTimeout(resolve, 200);
    else requestIdleCallback(() => resolve(), { timeout: patience });
  });
}

/** Whether somebody asked their browser to load no more than it must. */
export function savesData(): boolean {
  const { connection } = navigator as Navigator & { connection?: { saveData?: boolean } };
  return connection?.saveData === true;
}

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
