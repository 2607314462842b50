/** In ms: a moment that is free comes by then at the latest. */
const patience = 2_000;

/** Settles once nothing else is to be done, or after a while. */
export function freeMoment(): Promise<void> {
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
