import { generateKeyBetween, generateNKeysBetween } from "fractional-indexing";

interface Ordered {
  order: string;
}

type Entries<Item> = readonly (readonly [id: string, item: Item])[];

const cache = new WeakMap<object, Entries<Ordered>>();

function compare(a: readonly [string, Ordered], b: readonly [string, Ordered]): number {
  if (a[1].order !== b[1].order) return a[1].order < b[1].order ? -1 : 1;
  return a[0] < b[0] ? -1 : 1;
}

let newest: { record: Record<string, Ordered>; entries: Entries<Ordered> }[] = [];
const remembered = 6;

/** The order of an earlier record where ids and order keys are still the same: an edited cell needs no sorting. */
function orderLike(
  record: Record<string, Ordered>,
  entries: Entries<Ordered>,
): Entries<Ordered> | undefined {
  if (Object.keys(record).length !== entries.length) return undefined;
  const found: (readonly [string, Ordered])[] = [];
  for (const entry of entries) {
    const item = record[entry[0]];
    if (item === entry[1]) found.push(entry);
    else if (item?.order === entry[1].order) found.push([entry[0], item]);
    else return undefined;
  }
  return found;
}

function arrange(record: Record<string, Ordered>): Entries<Ordered> {
  const sorted = () => Object.entries(record).sort(compare);
  if (!Object.isFrozen(record)) return sorted();
  let entries: Entries<Ordered> | undefined;
  for (const earlier of newest) entries ??= orderLike(record, earlier.entries);
  entries ??= sorted();
  newest = [{ record, entries }, ...newest].slice(0, remembered);
  return entries;
}

/** The entries of a record in their kept order; equal keys (two people at once) fall back to the id. */
export function inOrder<Item extends Ordered>(record: Record<string, Item>): Entries<Item> {
  const known = cache.get(record);
  if (known) return known as Entries<Item>;
  const entries = arrange(record) as Entries<Item>;
  if (Object.isFrozen(record)) cache.set(record, entries);
  return entries;
}

function lastOrder(record: Record<string, Ordered>): string | null {
  let last: string | null = null;
  for (const id in record) {
    const { order } = record[id] as Ordered;
    if (last === null || order > last) last = order;
  }
  return last;
}

/** An order key behind everything in the record. */
export function orderAtEnd(record: Record<string, Ordered>): string {
  return generateKeyBetween(lastOrder(record), null);
}

/** So many order keys behind everything in the record. */
export function ordersAtEnd(record: Record<string, Ordered>, count: number): string[] {
  return generateNKeysBetween(lastOrder(record), null, count);
}

/** Gives all entries fresh keys in their present order, with room between any two. */
function keyAnew(record: Record<string, Ordered>): void {
  const ids = Object.entries(record)
    .sort(compare)
    .map(([id]) => id);
  const orders = ordersAtEnd({}, ids.length);
  ids.forEach((id, index) => {
    (record[id] as Ordered).order = orders[index] as string;
  });
}

/**
 * So many order keys in front of an entry, or behind all when `before` is null. Entries named in `without`
 * count as taken out. Where two people's equal keys leave no room, all entries of the draft are keyed anew.
 */
export function ordersBefore(
  draft: Record<string, Ordered>,
  before: string | null,
  count: number,
  without: ReadonlySet<string> = new Set(),
): string[] {
  const entries = Object.entries(draft)
    .filter(([id]) => !without.has(id))
    .sort(compare);
  const found = entries.findIndex(([id]) => id === before);
  const at = found < 0 ? entries.length : found;
  const low = entries[at - 1]?.[1].order ?? null;
  const high = entries[at]?.[1].order ?? null;
  if (low === null || high === null || low < high) return generateNKeysBetween(low, high, count);
  keyAnew(draft);
  return ordersBefore(draft, before, count, without);
}
