import { type Presence, presencePace } from "@/protocol/presence";

/** A window of somebody else, with when it was last heard of. */
export interface HereNow extends Presence {
  readonly heard: number;
}

/** Who is here after news of windows; own ones and those that left or fell silent are not. */
export function hereAfter(
  here: readonly HereNow[],
  news: readonly Presence[],
  own: { readonly window: string; readonly person: string },
  now: number,
): readonly HereNow[] {
  const told = new Map(here.map((one) => [one.window, one]));
  for (const one of news) {
    if (one.window === own.window || one.person === own.person) continue;
    if (one.at) told.set(one.window, { ...one, heard: now });
    else told.delete(one.window);
  }
  const left = stillHere([...told.values()], now);
  const same = left.length === here.length && left.every((one, i) => one === here[i]);
  return same ? here : left;
}

/** Who is still here at a moment. */
export function stillHere(here: readonly HereNow[], now: number): readonly HereNow[] {
  const left = here.filter(({ heard }) => now - heard < presencePace.forgotten);
  return left.length === here.length ? here : left;
}

/** Whether news come from a window that nobody knew: it does not know us either. */
export function hasNewcomer(here: readonly HereNow[], news: readonly Presence[]): boolean {
  const known = new Set(here.map(({ window }) => window));
  return news.some(({ window, at }) => at !== undefined && !known.has(window));
}
