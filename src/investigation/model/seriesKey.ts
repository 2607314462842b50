/** The key of a line over all series together. */
export const togetherKey = "*";

/**
 * Which points of a figure are meant, whatever else comes or goes: the id of their series ("" for rows without one), with
 * the quantity behind an @ where that is not the figure's first one.
 */
export function seriesKey(series: string | undefined, further?: string): string {
  return `${series ?? ""}${further === undefined ? "" : `@${further}`}`;
}

/** What a `seriesKey` may look like. */
export const seriesKeyPattern = /^(\*|[\w-]{0,60}(@[\w-]{1,60})?)$/;
