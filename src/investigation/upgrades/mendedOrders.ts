import { generateNKeysBetween } from "fractional-indexing";
import { isOrderKey } from "../model/orderKey";

type Stored = Record<string, unknown>;

const isRecord = (value: unknown): value is Stored =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Where entries with an order stand, and where such stand inside each of them. */
const records = ["tables", "series", "quantities", "rows", "constants", "figures", "examples", "results"] as const; // prettier-ignore
const inFigures = ["labels", "straightedges", "curves"] as const;

/** A record whose keys can't be ordered by gets fresh ones in its present order; any other stays as it is. */
function mended(record: unknown): unknown {
  if (!isRecord(record) || !Object.values(record).every(isRecord)) return record;
  const entries = Object.entries(record as Record<string, Stored>);
  if (entries.every(([, entry]) => isOrderKey(entry.order))) return record;
  const text = (entry: Stored) => (typeof entry.order === "string" ? entry.order : "");
  const sorted = entries.sort(([a, one], [b, other]) =>
    text(one) !== text(other) ? (text(one) < text(other) ? -1 : 1) : a < b ? -1 : 1,
  );
  const keys = generateNKeysBetween(null, null, sorted.length);
  return Object.fromEntries(sorted.map(([id, entry], i) => [id, { ...entry, order: keys[i] }]));
}

/** Mends the named records of something; the same thing where all are whole. */
function within(of: Stored, names: readonly string[]): Stored {
  const changed = names.flatMap((name) => {
    const next = mended(of[name]);
    return next === of[name] ? [] : [[name, next] as const];
  });
  return changed.length === 0 ? of : { ...of, ...Object.fromEntries(changed) };
}

/** The further quantities of a figure are a record of bare keys. */
function withAlso(figure: Stored): Stored {
  if (!isRecord(figure.also)) return figure;
  const items = Object.entries(figure.also).map(([id, order]) => [id, { order }] as const);
  const record = Object.fromEntries(items);
  const next = mended(record) as Record<string, { order: unknown }>;
  if (next === record) return figure;
  const also = Object.fromEntries(Object.entries(next).map(([id, { order }]) => [id, order]));
  return { ...figure, also };
}

function mendedFigures(figures: unknown): unknown {
  if (!isRecord(figures)) return figures;
  const entries = Object.entries(figures).map(
    ([id, one]) => [id, isRecord(one) ? withAlso(within(one, inFigures)) : one] as const,
  );
  return entries.every(([id, one]) => one === figures[id]) ? figures : Object.fromEntries(entries);
}

/** A document whose entries can all be put in order, whatever was once let in: what can't be ordered by is keyed anew. */
export function mendedOrders(document: Stored): Stored {
  const next = within(document, records);
  const figures = mendedFigures(next.figures);
  const { writeUp } = next;
  const report = isRecord(writeUp) ? within(writeUp, ["blocks"]) : writeUp;
  if (figures === next.figures && report === writeUp) return next;
  return { ...next, figures, writeUp: report };
}
