import { isLasting } from "@/remembered/isLasting";
import { LastFew, Latest } from "@/remembered/latest";
import { isDraft, original } from "immer";
import { generateKeyBetween, generateNKeysBetween } from "fractional-indexing";
import { longestOrderKey } from "./orderKey";

interface Ordered {
  order: string;
}

type Entries<Item> = readonly (readonly [id: string, item: Item])[];

const orders = new Latest<object, Entries<Ordered>>();

function compare(a: readonly [string, Ordered], b: readonly [string, Ordered]): number {
  if (a[1].order !== b[1].order) return a[1].order < b[1].order ? -1 : 1;
  return a[0] < b[0] ? -1 : 1;
}

const newest = new LastFew<Entries<Ordered>>(6);

/**
 * The order of an earlier record where its ids and order keys are still the same, with what came behind them: an
 * edited cell, or rows added at the end, need no sorting of all.
 */
function orderLike(
  record: Record<string, Ordered>,
  entries: Entries<Ordered>,
): Entries<Ordered> | undefined {
  const ids = Object.keys(record);
  if (ids.length < entries.length) return undefined;
  const behind = ids
    .slice(entries.length)
    .map((id) => [id, record[id] as Ordered] as const)
    .sort(compare);
  const last = entries.at(-1);
  if (last && behind[0] && compare(last, behind[0]) >= 0) return undefined;
  const found: (readonly [string, Ordered])[] = [];
  for (const entry of entries) {
    const item = record[entry[0]];
    if (item === entry[1]) found.push(entry);
    else if (item?.order === entry[1].order) found.push([entry[0], item]);
    else return undefined;
  }
  for (const entry of behind) found.push(entry);
  return found;
}

function arrange(record: Record<string, Ordered>): Entries<Ordered> {
  const sorted = () => Object.entries(record).sort(compare);
  if (!isLasting(record)) return sorted();
  const entries = newest.first((earlier) => orderLike(record, earlier)) ?? sorted();
  newest.keep(entries);
  return entries;
}

/** The entries of a record in their kept order; equal keys (two people at once) fall back to the id. */
export function inOrder<Item extends Ordered>(record: Record<string, Item>): Entries<Item> {
  const known = orders.of(record);
  if (known) return known as Entries<Item>;
  const entries = arrange(record) as Entries<Item>;
  if (isLasting(record)) orders.keep(record, entries);
  return entries;
}

/**
 * A record with some items put in place of those of the same id, or behind all others: made and ordered from the order
 * of the record before, not anew. Nobody may change the record that comes out.
 */
export function withItems<Item extends Ordered>(
  record: Record<string, Item>,
  items: readonly (readonly [id: string, item: Item])[],
): Record<string, Item> {
  const next: Record<string, Item> = {};
  const before = inOrder(record);
  for (const [id, item] of before) next[id] = item;
  for (const [id, item] of items) next[id] = item;
  const behind = items.filter(([id]) => !record[id]).sort(compare);
  const last = before.at(-1);
  const kept =
    items.every(([id, { order }]) => !record[id] || record[id].order === order) &&
    !(last && behind[0] && compare(last, behind[0]) >= 0);
  if (kept) {
    const entries = before.map((entry): (typeof before)[number] => {
      const item = next[entry[0]] as Item;
      return item === entry[1] ? entry : [entry[0], item];
    });
    orders.keep(next, [...entries, ...behind]);
  } else orders.keep(next, Object.entries(next).sort(compare));
  return next;
}

/** Ids and order keys of a record; of a draft what it was made from is read, so that no row becomes a draft of its own. */
function placed(record: Record<string, Ordered>): [id: string, order: string][] {
  const before = isDraft(record) ? original(record) : undefined;
  return (Reflect.ownKeys(record) as string[]).map((id) => [
    id,
    ((before?.[id] ?? record[id]) as Ordered).order,
  ]);
}

/** The greatest order key of a record; null where it is empty. */
export function lastOrder(record: Record<string, Ordered>): string | null {
  let last: string | null = null;
  for (const [, order] of placed(record)) if (last === null || order > last) last = order;
  return last;
}

/** An order key behind everything in the record. */
export function orderAtEnd(record: Record<string, Ordered>): string {
  return generateKeyBetween(lastOrder(record), null);
}

/** So many order keys behind a last one, or the first ones where there is none. */
export function ordersBehind(last: string | null, count: number): string[] {
  return count === 0 ? [] : generateNKeysBetween(last, null, count);
}

/** So many order keys behind everything in the record. */
export function ordersAtEnd(record: Record<string, Ordered>, count: number): string[] {
  return ordersBehind(count === 0 ? null : lastOrder(record), count);
}

type Placed = readonly (readonly [id: string, order: string])[];

function sortedPlaces(record: Record<string, Ordered>): Placed {
  return placed(record).sort((a, b) =>
    a[1] !== b[1] ? (a[1] < b[1] ? -1 : 1) : a[0] < b[0] ? -1 : 1,
  );
}

/** Gives all entries fresh keys in their present order, with room between any two. */
function keyAnew(record: Record<string, Ordered>, places: Placed): Placed {
  const orders = generateNKeysBetween(null, null, places.length);
  return places.map(([id], index): [string, string] => {
    const order = orders[index] as string;
    (record[id] as Ordered).order = order;
    return [id, order];
  });
}

function ordersAmong(
  draft: Record<string, Ordered>,
  all: Placed,
  before: string | null,
  count: number,
  without: ReadonlySet<string>,
): string[] {
  const places = all.filter(([id]) => !without.has(id));
  const found = places.findIndex(([id]) => id === before);
  const at = found < 0 ? places.length : found;
  const low = places[at - 1]?.[1] ?? null;
  const high = places[at]?.[1] ?? null;
  if (low === null || high === null || low < high) {
    const made = generateNKeysBetween(low, high, count);
    if (made.every((one) => one.length <= longestOrderKey)) return made;
  }
  return ordersAmong(draft, keyAnew(draft, all), before, count, without);
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
  return ordersAmong(draft, sortedPlaces(draft), before, count, without);
}
