import { rmSync } from "node:fs";

/** Removes what a browser kept; one that is ending may still write there for a moment. @param folder its profile, or what holds several. */
export function removeProfile(folder: string): void {
  rmSync(folder, { recursive: true, force: true, maxRetries: 20, retryDelay: 100 });
}
