import { limits } from "./limits";
import { isOrderKey } from "./orderKey";
import { isReason } from "./reason";

/** Names that every object of the language knows: a record would answer to them without holding them. */
const taken = Object.getOwnPropertyNames(Object.prototype).join("|");

/** Ids of quantities, rows, tables and the rest. */
export const key = new RegExp(`^(?!(?:${taken})$)[A-Za-z0-9_-]{1,40}$`);

/** A quantity's id, with the number of the repeat from the second on. */
const cell = new RegExp(`^(?!(?:${taken})(?:~|$))[A-Za-z0-9_-]{1,40}(?:~[1-9]\\d?)?$`);

/** A pencil mark: the finding's name with the ids of the places that it concerns. */
export const markKey = /^[A-Za-z0-9_~-]{1,160}$/;

interface MaybeRow {
  order?: unknown;
  table?: unknown;
  series?: unknown;
  readings?: unknown;
  further?: unknown;
  setAside?: unknown;
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** Whether a value is a record of short texts under well-formed keys. */
export function isTexts(value: unknown, keys = cell): boolean {
  return (
    isRecord(value) &&
    Object.entries(value).every(
      ([id, text]) =>
        keys.test(id) && typeof text === "string" && text.length <= limits.lettersOfReading,
    )
  );
}

/** Whether a value is a record of reasons under well-formed keys. */
export function areReasons(value: unknown, keys = cell): boolean {
  return (
    isRecord(value) &&
    Object.entries(value).every(
      ([id, reason]) => keys.test(id) && isReason(reason, limits.lettersOfReading),
    )
  );
}

function isCounts(value: unknown): boolean {
  return (
    isRecord(value) &&
    Object.entries(value).every(
      ([id, count]) =>
        key.test(id) &&
        Number.isInteger(count) &&
        Number(count) > 0 &&
        Number(count) <= limits.repeats,
    )
  );
}

function isId(value: unknown): boolean {
  return typeof value === "string" && key.test(value);
}

/** Whether a value is a row: an order, a table, readings as text, and nothing unnamed. */
export function isRow(value: unknown): boolean {
  if (!isRecord(value)) return false;
  const { order, table, series, readings, further, setAside, ...unnamed } = value as MaybeRow;
  return (
    isOrderKey(order) &&
    isId(table) &&
    (series === undefined || isId(series)) &&
    isTexts(readings) &&
    Object.keys(readings as object).length <= limits.readingsOfRow &&
    (further === undefined || isCounts(further)) &&
    (setAside === undefined || areReasons(setAside)) &&
    Object.keys(unnamed).length === 0
  );
}
