/** What the shelf knows of an investigation. */
export interface ShelfEntry {
  readonly id: string;
  readonly title: string;
  readonly changedAt: string;
  readonly isBrief: boolean;
}

/** What can be done to an investigation from the shelf. */
export interface ShelfChanges {
  readonly rename: (id: string, title: string) => Promise<void>;
  readonly duplicate: (id: string) => Promise<void>;
  /** Makes a brief of it, and opens that. */
  readonly makeBrief: (id: string) => Promise<void>;
  readonly remove: (id: string) => Promise<void>;
  readonly putBack: (id: string) => Promise<void>;
}

export type ShelfOrder = "changed" | "title";

/** The entries whose title holds every word of the search, in the wanted order. */
export function arranged(
  entries: readonly ShelfEntry[],
  search: string,
  order: ShelfOrder,
): readonly ShelfEntry[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const found = entries.filter(({ title }) =>
    words.every((word) => title.toLowerCase().includes(word)),
  );
  return order === "changed"
    ? found
    : found.toSorted((a, b) => a.title.localeCompare(b.title, "en", { numeric: true }));
}
