import { useSyncExternalStore } from "react";

/** The zone by whose clock this browser goes, "Europe/Vienna". */
export const ownTimeZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

const never = () => () => {};

/** The same, once the page runs in a browser; the server can't know it. */
export const useOwnTimeZone = (): string | undefined =>
  useSyncExternalStore(never, ownTimeZone, () => undefined);
